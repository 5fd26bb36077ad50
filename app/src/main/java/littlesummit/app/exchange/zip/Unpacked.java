package littlesummit.app.exchange.zip;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.function.BiConsumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import littlesummit.app.web.Problem;

/** The files of a zip, one after the other, in memory alone: whatever their names are, nothing is written anywhere. */
public final class Unpacked {
    private Unpacked() {}

    /**
     * @param mostFiles that it may hold
     * @param mostBytes of all files together, counted as they come out
     * @param file takes a name as it stands there, and what is in it
     * @return how many files there were
     * @throws Problem with a sentence, for what cannot be read or is too much
     */
    public static int each(byte[] zipped, int mostFiles, int mostBytes, BiConsumer<String, byte[]> file) {
        int files = 0;
        int left = mostBytes;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(zipped), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (++files > mostFiles) {
                    throw Problem.badRequest("There are more than " + mostFiles + " files in this zip.");
                }
                byte[] content = read(zip, left, mostBytes);
                left -= content.length;
                file.accept(entry.getName(), content);
            }
        } catch (IOException | IllegalArgumentException broken) {
            throw Problem.badRequest("This zip cannot be read. It may be damaged, or be no zip at all.");
        }
        return files;
    }

    /** What is packed small may be large. */
    private static byte[] read(ZipInputStream zip, int left, int most) throws IOException {
        ByteArrayOutputStream content = new ByteArrayOutputStream();
        byte[] piece = new byte[8192];
        for (int n = zip.read(piece); n >= 0; n = zip.read(piece)) {
            content.write(piece, 0, n);
            if (content.size() > left) {
                throw Problem.badRequest("Unpacked, this zip is larger than " + most / 1024 / 1024 + " MB.");
            }
        }
        return content.toByteArray();
    }
}
