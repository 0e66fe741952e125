package app.misura.web.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class UprightTest {
    /** A picture whose upper left quarter is red, the rest grey. */
    static BufferedImage scene(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D draw = image.createGraphics();
        draw.setColor(Color.GRAY);
        draw.fillRect(0, 0, width, height);
        draw.setColor(Color.RED);
        draw.fillRect(0, 0, width / 2, height / 2);
        return image;
    }

    static byte[] file(BufferedImage image, String format) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, format, out);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        return out.toByteArray();
    }

    /** A JPEG with what a telephone adds: how it was held, and in its words where. */
    static byte[] held(BufferedImage image, int orientation) {
        byte[] jpeg = file(image, "jpg");
        byte[] place = "GPS 53.2194N 6.5665E".getBytes(StandardCharsets.US_ASCII);
        ByteBuffer tiff = ByteBuffer.allocate(26 + place.length);
        tiff.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        tiff.putShort((short) 1).putShort((short) 0x0112).putShort((short) 3).putInt(1);
        tiff.putShort((short) orientation).putShort((short) 0).putInt(0).put(place);
        byte[] exif = tiff.array();
        ByteBuffer all = ByteBuffer.allocate(jpeg.length + exif.length + 10);
        all.put(jpeg, 0, 2).putShort((short) 0xFFE1).putShort((short) (exif.length + 8));
        all.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII)).put(exif);
        all.put(jpeg, 2, jpeg.length - 2);
        return all.array();
    }

    private static BufferedImage opened(Upright kept) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(kept.jpeg()));
    }

    private static boolean isRed(BufferedImage image, double x, double y) {
        Color at = new Color(image.getRGB((int) (x * image.getWidth()), (int) (y * image.getHeight())));
        return at.getRed() > 200 && at.getGreen() < 80;
    }

    /** How a camera was held, and where the upper left quarter of its picture is once it is turned upright. */
    @ParameterizedTest
    @CsvSource({
        "1, .25, .25, false",
        "3, .75, .75, false",
        "6, .75, .25, true",
        "8, .25, .75, true",
        "2, .75, .25, false"
    })
    void aPhotographIsTurnedUpright(int orientation, double x, double y, boolean turned) throws IOException {
        Upright kept = Upright.of(held(scene(400, 200), orientation));
        assertThat(kept.width()).isEqualTo(turned ? 200 : 400);
        assertThat(kept.height()).isEqualTo(turned ? 400 : 200);
        BufferedImage image = opened(kept);
        for (double[] at : new double[][] {{.25, .25}, {.75, .25}, {.25, .75}, {.75, .75}}) {
            assertThat(isRed(image, at[0], at[1])).as(at[0] + ", " + at[1]).isEqualTo(at[0] == x && at[1] == y);
        }
    }

    /** Cameras write numbers either way round; one that says nonsense is taken as it is. */
    @Test
    void whatIsSaidOfTheCameraMayBeNonsense() {
        byte[] file = held(scene(400, 200), 6);
        int tiff = new String(file, StandardCharsets.ISO_8859_1).indexOf("Exif") + 6;
        byte[] far = file.clone();
        ByteBuffer.wrap(far).putInt(tiff + 4, Integer.MAX_VALUE);
        assertThat(Upright.of(far).width()).isEqualTo(400);
        byte[] other = file.clone();
        ByteBuffer little = ByteBuffer.wrap(other).order(java.nio.ByteOrder.LITTLE_ENDIAN);
        little.putShort(tiff, (short) 0x4949).putShort(tiff + 2, (short) 42).putInt(tiff + 4, 8);
        little.putShort(tiff + 8, (short) 1).putShort(tiff + 10, (short) 0x0112).putShort(tiff + 12, (short) 3);
        little.putInt(tiff + 14, 1).putShort(tiff + 18, (short) 8);
        assertThat(Upright.of(other).width()).isEqualTo(200);
        ByteBuffer.wrap(file).putShort(tiff + 18, (short) 77);
        assertThat(Upright.of(file).width()).isEqualTo(400);
    }

    @Test
    void nothingButThePictureIsKept() {
        byte[] file = held(scene(400, 200), 6);
        assertThat(new String(file, StandardCharsets.ISO_8859_1))
                .contains("Exif")
                .contains("53.2194N");
        assertThat(new String(Upright.of(file).jpeg(), StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif")
                .doesNotContain("GPS");
    }

    @ParameterizedTest
    @CsvSource({"4000, 3000, 1600, 1200", "900, 6000, 240, 1600", "300, 200, 300, 200"})
    void aLargeOneIsMadeSmallerAndASmallOneIsNot(int width, int height, int keptWidth, int keptHeight) {
        Upright kept = Upright.of(file(scene(width, height), "jpg"));
        assertThat(kept.width()).isBetween(keptWidth - 1, keptWidth + 1);
        assertThat(kept.height()).isBetween(keptHeight - 1, keptHeight + 1);
    }

    @Test
    void aPictureThatIsClearInPlacesIsWhiteThere() throws IOException {
        BufferedImage clear = new BufferedImage(300, 200, BufferedImage.TYPE_INT_ARGB);
        assertThat(new Color(opened(Upright.of(file(clear, "png"))).getRGB(10, 10)))
                .isEqualTo(Color.WHITE);
    }

    @ParameterizedTest
    @ValueSource(strings = {"gif", "bmp"})
    void anotherKindOfPictureIsRefused(String format) {
        assertThatThrownBy(() -> Upright.of(file(scene(60, 40), format)))
                .isInstanceOf(NoPhotograph.class)
                .hasMessage("This is no photograph: a JPEG or a PNG is wanted.");
    }

    @Test
    void whatIsNoPictureIsRefused() {
        for (byte[] file : new byte[][] {{}, "hello".getBytes(StandardCharsets.UTF_8), new byte[100_000]}) {
            assertThatThrownBy(() -> Upright.of(file))
                    .isInstanceOf(NoPhotograph.class)
                    .hasMessageContaining("no photograph");
        }
    }

    @Test
    void aBrokenOneIsRefused() {
        byte[] png = file(scene(400, 200), "png");
        assertThatThrownBy(() -> Upright.of(Arrays.copyOf(png, png.length / 2))).isInstanceOf(NoPhotograph.class);
        byte[] jpeg = file(scene(400, 200), "jpg");
        assertThatThrownBy(() -> Upright.of(Arrays.copyOf(jpeg, 40))).isInstanceOf(NoPhotograph.class);
    }

    /** A file of a few bytes that says it is ten metres of picture is refused before anything is made of it. */
    @Test
    void aPictureOfTooManyPixelsIsRefused() {
        byte[] png = file(scene(40, 40), "png");
        ByteBuffer header = ByteBuffer.wrap(png);
        header.putInt(16, 60_000).putInt(20, 60_000);
        CRC32 crc = new CRC32();
        crc.update(png, 12, 17);
        header.putInt(29, (int) crc.getValue());
        assertThatThrownBy(() -> Upright.of(png))
                .isInstanceOf(NoPhotograph.class)
                .hasMessageContaining("60000 by 60000 pixels");
    }
}
