package littlesummit.app.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import javax.imageio.ImageIO;
import littlesummit.app.web.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PictureReaderTest {
    /** A WebP file of one pixel, lossy, as a browser's check for the format uses it; common practice, no source. */
    private static final String WEBP = "UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA";

    /** Red at the left top, white elsewhere. */
    private static BufferedImage corner(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height / 2);
        g.dispose();
        return image;
    }

    private static byte[] file(BufferedImage image, String format) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image, format, out);
            return out.toByteArray();
        } catch (IOException bug) {
            throw new IllegalStateException(bug);
        }
    }

    @ParameterizedTest
    @CsvSource({"png", "jpeg"})
    void isEncodedAnewAsJpegOfTheSameSize(String format) throws IOException {
        Upright kept = PictureReader.read(file(corner(60, 40), format));
        assertEquals("60x40", kept.width() + "x" + kept.height());
        BufferedImage again = ImageIO.read(new ByteArrayInputStream(kept.jpeg()));
        assertTrue(new Color(again.getRGB(5, 5)).getRed() > 200 && new Color(again.getRGB(5, 5)).getBlue() < 80);
    }

    @Test
    void webpIsTaken() {
        Upright kept = PictureReader.read(Base64.getDecoder().decode(WEBP));
        assertEquals(1, kept.width());
    }

    @Test
    void aLargePhotoIsMadeSmaller() {
        Upright kept = PictureReader.read(file(corner(5000, 2500), "png"));
        assertTrue(kept.width() <= 2200 && kept.width() > 1500, "width " + kept.width());
        assertEquals(2.0, (double) kept.width() / kept.height(), 0.01);
    }

    /** Where the red left top corner of the stored picture belongs, by Exif orientation (CIPA DC-008, tag 0x0112). */
    @ParameterizedTest
    @CsvSource({
        "1,left top",
        "2,right top",
        "3,right bottom",
        "4,left bottom",
        "5,left top",
        "6,right top",
        "7,right bottom",
        "8,left bottom"
    })
    void isTurnedUpright(int orientation, String place) {
        BufferedImage turned = PictureReader.turned(corner(60, 40), orientation);
        int x = place.startsWith("left") ? 3 : turned.getWidth() - 4;
        int y = place.endsWith("top") ? 3 : turned.getHeight() - 4;
        assertEquals(Color.RED.getRGB(), turned.getRGB(x, y));
        assertEquals(orientation > 4, turned.getHeight() > turned.getWidth());
    }

    /** A JPEG with an Exif segment that says "turn a quarter to the right". */
    @Test
    void theCamerasOwnWordOnHowItWasHeldIsHeard() {
        byte[] plain = file(corner(60, 40), "jpeg");
        byte[] exif = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            0x01,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] held = new byte[plain.length + exif.length];
        System.arraycopy(plain, 0, held, 0, 2);
        System.arraycopy(exif, 0, held, 2, exif.length);
        System.arraycopy(plain, 2, held, 2 + exif.length, plain.length - 2);

        Upright kept = PictureReader.read(held);
        assertEquals("40x60", kept.width() + "x" + kept.height());
    }

    @Test
    void whatIsNoPictureIsRefusedInASentence() {
        assertSays("no PNG, JPEG or WebP", "GIF89a and some text".getBytes(StandardCharsets.US_ASCII));
        assertSays("no PNG, JPEG or WebP", new byte[0]);
        assertSays("no PNG, JPEG or WebP", file(corner(8, 8), "bmp"));
        byte[] png = file(corner(400, 400), "png");
        assertSays("damaged", Arrays.copyOf(png, png.length / 3));
    }

    private static void assertSays(String words, byte[] file) {
        String said =
                assertThrows(Problem.class, () -> PictureReader.read(file)).getMessage();
        assertTrue(said.contains(words), said);
    }
}
