package littlesummit.app.content;

import java.util.List;
import java.util.Optional;
import littlesummit.core.item.Option;

/** One of several to choose from, as it is kept and sent. */
public record OptionDto(String id, String text, Optional<FigureDto> figure) {
    static List<OptionDto> of(List<Option> options) {
        return options.stream()
                .map(o -> new OptionDto(o.id(), o.text(), o.figure().map(FigureDto::of)))
                .toList();
    }

    static List<Option> toCore(List<OptionDto> options) {
        return options.stream()
                .map(o -> new Option(o.id, o.text, o.figure.map(FigureDto::toCore)))
                .toList();
    }
}
