package littlesummit.app.shown;

import java.util.List;
import java.util.Optional;
import littlesummit.core.item.Option;

/**
 * One of several to choose from.
 *
 * @param scene in place of the text
 */
public record ShownOption(String id, String text, Optional<ShownScene> scene) {
    static List<ShownOption> of(List<Option> options) {
        return options.stream()
                .map(o -> new ShownOption(o.id(), o.text(), o.figure().map(ShownScene::of)))
                .toList();
    }
}
