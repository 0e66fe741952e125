package app.misura.core.format.json;

/** One thing wrong with a document. @param path JSON Pointer to it, empty for the whole */
public record JsonFault(String path, String message) {}
