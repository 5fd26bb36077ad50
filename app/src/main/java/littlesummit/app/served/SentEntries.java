package littlesummit.app.served;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;

/**
 * What is typed at an item, as it is sent.
 *
 * @param entries by field id, one map a part
 */
public record SentEntries(
        @NotNull(message = "The entries are missing.")
        @Size(max = 40, message = "These are more parts than any item has.")
        List<
                        @NotNull(message = "The entries of a part are missing.")
                                @Size(max = 40, message = "These are more fields than any part has.") Map<
                                String,
                                @NotNull(message = "An entry is missing.")
                                @Size(max = 500, message = "An entry may have at most 500 characters.") String>>
                entries) {}
