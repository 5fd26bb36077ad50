package littlesummit.app.exchange.archive.rows;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.MappingIterator;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import littlesummit.app.headway.Headway;
import littlesummit.app.web.Problem;

/** An archive of a class that somebody brings: whatever its names are, nothing of it is written anywhere. */
final class ArchiveFile implements AutoCloseable {
    static final String FOLDER = "records/";
    /** Of all its files together, as they come out: what is packed small may be large. */
    private static final long MOST_BYTES = 400L * 1024 * 1024;

    private final ZipFile zip;
    private final ObjectMapper mapper;
    private final Headway headway;
    private final long size;
    private long read;

    private ArchiveFile(ZipFile zip, ObjectMapper mapper, Headway headway) {
        this.zip = zip;
        this.mapper = mapper;
        this.headway = headway;
        this.size = zip.stream()
                .filter(entry -> entry.getName().startsWith(FOLDER))
                .mapToLong(entry -> Math.max(0, entry.getSize()))
                .sum();
    }

    /**
     * @param headway is told of each record that is read
     * @throws Problem for what is no zip
     */
    static ArchiveFile open(Path file, ObjectMapper mapper, Headway headway) throws IOException {
        try {
            return new ArchiveFile(new ZipFile(file.toFile()), mapper, headway);
        } catch (ZipException | IllegalArgumentException broken) {
            throw Problem.badRequest("This zip cannot be read. It may be damaged, or be no zip at all.");
        }
    }

    /** The only row of a file; empty where there is no such file. */
    Optional<ObjectNode> row(String name) {
        ObjectNode[] last = new ObjectNode[1];
        each(name, row -> last[0] = row);
        return Optional.ofNullable(last[0]);
    }

    /** What the first row of a file has; nothing where there is none. */
    Set<String> columns(String name) {
        Set<String> columns = new HashSet<>();
        read(name, row -> {
            row.fieldNames().forEachRemaining(columns::add);
            return false;
        });
        return columns;
    }

    /** Row by row; none where there is no such file. */
    void each(String name, Consumer<ObjectNode> taker) {
        read(name, row -> {
            taker.accept(row);
            return true;
        });
    }

    /** @param taker says whether it wants more */
    private void read(String name, Predicate<ObjectNode> taker) {
        ZipEntry entry = zip.getEntry(FOLDER + name);
        if (entry == null) {
            return;
        }
        try (InputStream in = new Counted(zip.getInputStream(entry));
                MappingIterator<ObjectNode> rows =
                        mapper.readerFor(ObjectNode.class).readValues(in)) {
            boolean more = true;
            while (more && rows.hasNextValue()) {
                more = taker.test(rows.nextValue());
            }
        } catch (JsonProcessingException broken) {
            int line = Optional.ofNullable(broken.getLocation())
                    .map(JsonLocation::getLineNr)
                    .orElse(1);
            throw Problem.badRequest("Line " + line + " of " + FOLDER + name + " cannot be read.");
        } catch (IOException broken) {
            throw Problem.badRequest(FOLDER + name + " cannot be read. This archive may be damaged.");
        }
    }

    private final class Counted extends FilterInputStream {
        Counted(InputStream in) {
            super(in);
        }

        @Override
        public int read() throws IOException {
            int one = super.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] to, int from, int length) throws IOException {
            int read = super.read(to, from, length);
            count(Math.max(0, read));
            return read;
        }

        private void count(int bytes) {
            read += bytes;
            headway.at("Reading the records", Math.min(read, size), size);
            if (read > MOST_BYTES) {
                throw Problem.badRequest("Unpacked, this archive is larger than " + MOST_BYTES / 1024 / 1024 + " MB.");
            }
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
