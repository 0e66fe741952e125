package app.misura.web.photo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.filters.ImageFilter;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * A photograph as it is kept: upright, at most 1600 pixels either way, a JPEG that has nothing in it but the picture (no
 * place, no time, no camera, no smaller copy).
 */
record Upright(byte[] jpeg, int width, int height) {
    /** More pixels than any camera of today makes; a small file can say that it has many more. */
    private static final long MOST_PIXELS = 120_000_000;

    private static final int LONGEST = 1600;
    private static final double QUALITY = 0.85;
    private static final List<String> FORMATS = List.of("jpeg", "png");

    /**
     * Reads what a camera wrote.
     *
     * @throws NoPhotograph if it is no picture, one of another kind, a broken one, or has too many pixels
     */
    static Upright of(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            ImageReader reader = reader(in);
            try {
                reader.setInput(in, true, true);
                BufferedImage seen = read(reader);
                return written(seen, Held.in(file));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof NoPhotograph known) {
                throw known;
            }
            throw new NoPhotograph("This picture is broken, or written in a way that cannot be read here.", e);
        }
    }

    private static ImageReader reader(ImageInputStream in) throws IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
        while (readers.hasNext()) {
            ImageReader reader = readers.next();
            if (FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                return reader;
            }
        }
        throw new NoPhotograph("This is no photograph: a JPEG or a PNG is wanted.");
    }

    /** The picture, roughly at the size that is kept: one of many pixels is never whole in memory. */
    private static BufferedImage read(ImageReader reader) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if ((long) width * height > MOST_PIXELS) {
            throw new NoPhotograph("This picture says that it is " + width + " by " + height
                    + " pixels. No camera takes such a photograph; send one of at most "
                    + MOST_PIXELS / 1_000_000 + " million.");
        }
        int every = Math.max(1, Math.max(width, height) / (2 * LONGEST));
        ImageReadParam param = reader.getDefaultReadParam();
        param.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, param);
    }

    private static Upright written(BufferedImage seen, Orientation held) throws IOException {
        BufferedImage opaque = new BufferedImage(seen.getWidth(), seen.getHeight(), BufferedImage.TYPE_INT_RGB);
        opaque.createGraphics().drawImage(seen, 0, 0, java.awt.Color.WHITE, null);
        ImageFilter turn = ExifFilterUtils.getFilterForOrientation(held);
        BufferedImage upright = turn.apply(opaque);
        double scale = Math.min(1, (double) LONGEST / Math.max(upright.getWidth(), upright.getHeight()));
        BufferedImage kept = Thumbnails.of(upright).scale(scale).asBufferedImage();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(kept).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
        return new Upright(out.toByteArray(), kept.getWidth(), kept.getHeight());
    }
}
