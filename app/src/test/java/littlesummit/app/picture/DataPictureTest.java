package littlesummit.app.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Optional;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import littlesummit.app.web.Problem;
import org.junit.jupiter.api.Test;

/** Pictures for documents: as large as they may be, and no larger. */
class DataPictureTest {
    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    private static BufferedImage plain(int width, int height) {
        return new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    }

    /** Nothing packs it well. */
    private static BufferedImage noise(int width, int height) {
        BufferedImage image = plain(width, height);
        Random random = new Random(3);
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                image.setRGB(x, y, random.nextInt());
            }
        }
        return image;
    }

    @Test
    void whatIsSmallStaysAsItIs() throws IOException {
        DataPicture picture = DataPicture.of(png(plain(60, 30)), 60_000).orElseThrow();
        assertEquals(60, picture.width());
        assertEquals(30, picture.height());
        assertTrue(picture.data().startsWith("data:image/png;base64,"), picture.data());
        BufferedImage again = DataPicture.opened(picture.data()).orElseThrow();
        assertEquals(60, again.getWidth());
    }

    @Test
    void whatIsLargeIsMadeSmallerInItsProportions() throws IOException {
        DataPicture picture = DataPicture.of(png(plain(2080, 1040)), 60_000).orElseThrow();
        assertEquals(520, picture.width());
        assertEquals(260, picture.height());
    }

    @Test
    void whatPacksBadlyIsMadeSmallerUntilItFits() throws IOException {
        DataPicture picture = DataPicture.of(png(noise(600, 600)), 60_000).orElseThrow();
        assertTrue(picture.data().length() <= 60_000);
        assertTrue(picture.width() < 520 && picture.width() >= 180, picture.width() + " pixels");
        assertEquals(Optional.empty(), DataPicture.of(png(noise(600, 600)), 2_000));
    }

    @Test
    void whatIsNoPictureIsRefused() {
        byte[] drawing = "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8);
        assertThrows(Problem.class, () -> DataPicture.of(drawing, 60_000));
    }

    /** A file of some bytes that says it has a thousand million pixels is not opened. */
    @Test
    void whatWouldFillTheMemoryIsNotOpened() throws IOException {
        byte[] file = png(plain(60, 30));
        ByteBuffer head = ByteBuffer.wrap(file);
        head.putInt(16, 40_000).putInt(20, 40_000);
        CRC32 sum = new CRC32();
        sum.update(file, 12, 17);
        head.putInt(29, (int) sum.getValue());
        String data = "data:image/png;base64," + Base64.getEncoder().encodeToString(file);
        assertEquals(Optional.empty(), DataPicture.opened(data));
        assertEquals(Optional.empty(), DataPicture.opened("data:image/png;base64,AAAA"));
    }
}
