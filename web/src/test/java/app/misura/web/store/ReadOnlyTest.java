package app.misura.web.store;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.MisuraApplication;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A folder or a file that may not be written ends the start with one sentence, and stays as it was. */
class ReadOnlyTest {
    private static final Path SETPRIV = Path.of("/usr/bin/setpriv");
    private static final byte[] SOMETHING = "a house".getBytes(StandardCharsets.UTF_8);

    @TempDir
    private Path temp;

    private Path house;

    @BeforeEach
    void house() throws IOException {
        house = Files.createDirectory(temp.resolve("house"));
        Files.write(house.resolve("misura.mv.db"), SOMETHING);
    }

    @AfterEach
    void writable() throws IOException {
        rights(house, "rwx------");
        assertThat(Files.readAllBytes(house.resolve("misura.mv.db"))).isEqualTo(SOMETHING);
    }

    private static void rights(Path path, String rights) throws IOException {
        Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(rights));
    }

    /** What a start says; who is root gives up the right to write everywhere. */
    private String start() throws IOException, InterruptedException {
        List<String> command = new ArrayList<>();
        if (System.getProperty("user.name").equals("root")) {
            Assumptions.assumeTrue(Files.isExecutable(SETPRIV), "root cannot give up a right here");
            String without = "-dac_override,-dac_read_search";
            command.addAll(List.of(SETPRIV.toString(), "--bounding-set", without, "--inh-caps", without));
        }
        command.addAll(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "-Dmisura.data=" + house,
                "-Dserver.port=0",
                MisuraApplication.class.getName()));
        Path said = temp.resolve("said");
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        try {
            assertThat(process.waitFor(120, TimeUnit.SECONDS)).as("it ends").isTrue();
            assertThat(process.exitValue()).isNotZero();
        } finally {
            process.destroyForcibly();
        }
        String text = Files.readString(said);
        assertThat(text).doesNotContain("Exception").doesNotContain("\tat ");
        return text;
    }

    @Test
    void aFileThatMayNotBeWrittenIsNamed() throws Exception {
        rights(house.resolve("misura.mv.db"), "r--------");
        assertThat(start())
                .contains("can be read but not written by this account")
                .contains("nothing was changed");
    }

    @Test
    void aFolderThatMayNotBeWrittenIsNamed() throws Exception {
        rights(house, "r-x------");
        assertThat(start()).contains("The folder " + house + " cannot be written by this account.");
    }
}
