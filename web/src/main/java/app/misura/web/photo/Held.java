package app.misura.web.photo;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.jspecify.annotations.Nullable;

/**
 * How a camera was held, as its JPEG says it: the orientation (tag 0x0112) of the first directory of its Exif segment. Written
 * out because Java's own reader of a JPEG's data about itself refuses many that telephones make.
 */
final class Held {
    private static final int START_OF_SCAN = 0xDA;
    private static final int APP1 = 0xE1;
    private static final long EXIF = 0x45786966;
    private static final short ORIENTATION = 0x0112;
    private static final short LITTLE_ENDIAN = 0x4949;
    private static final int ENTRY = 12;

    private Held() {}

    /** Upright where the file says nothing, or nothing that can be read. */
    static Orientation in(byte[] jpeg) {
        try {
            ByteBuffer exif = exif(ByteBuffer.wrap(jpeg));
            Orientation held = exif == null ? null : Orientation.typeOf(orientation(exif));
            return held == null ? Orientation.TOP_LEFT : held;
        } catch (RuntimeException e) {
            return Orientation.TOP_LEFT;
        }
    }

    /** The Exif segment from its own beginning; null where there is none before the picture. */
    private static @Nullable ByteBuffer exif(ByteBuffer jpeg) {
        int at = 2;
        while (at + 4 < jpeg.limit() && (jpeg.get(at) & 0xFF) == 0xFF) {
            int marker = jpeg.get(at + 1) & 0xFF;
            int length = jpeg.getShort(at + 2) & 0xFFFF;
            if (marker == APP1 && jpeg.getInt(at + 4) == EXIF) {
                return jpeg.slice(at + 10, length - 8);
            }
            if (marker == START_OF_SCAN) {
                return null;
            }
            at += 2 + length;
        }
        return null;
    }

    private static int orientation(ByteBuffer tiff) {
        tiff.order(tiff.getShort(0) == LITTLE_ENDIAN ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        int directory = tiff.getInt(4);
        int entries = tiff.getShort(directory) & 0xFFFF;
        for (int i = 0; i < entries; i++) {
            int entry = directory + 2 + ENTRY * i;
            if (tiff.getShort(entry) == ORIENTATION) {
                return tiff.getShort(entry + 8);
            }
        }
        return 1;
    }
}
