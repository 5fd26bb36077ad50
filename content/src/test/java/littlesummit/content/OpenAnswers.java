package littlesummit.content;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;

/** Where the answer of a part stands in what is shown of another one. */
final class OpenAnswers {
    private static final Pattern NUMBER = Pattern.compile("[-\u2212]?\\d+(?:\\.\\d+)?(?:/\\d+)?");

    private OpenAnswers() {}

    /** Parts of an item whose answer stands in another part. The numbers of the stem tell nothing. */
    static List<String> found(Item item) {
        List<String> found = new ArrayList<>();
        List<String> given = numbers(item.stem().stream().map(Block::toString).collect(Collectors.joining(" ")));
        for (int open = 0; open < item.parts().size(); open++) {
            for (int seen = 0; seen < item.parts().size(); seen++) {
                if (seen != open) {
                    List<String> told = numbers(text(item.parts().get(seen)));
                    int from = seen;
                    int of = open;
                    item.parts().get(open).fields().stream()
                            .filter(f -> f.answer().kind() != Kind.CHOICE)
                            .map(f -> tells(f, told, given))
                            .filter(t -> !t.isEmpty())
                            .forEach(t -> found.add("part " + (from + 1) + " ("
                                    + item.parts().get(from).prompt() + ") tells " + t + " of part " + (of + 1)));
                }
            }
        }
        return found;
    }

    /** The numbers of the answer, where all of them are told and none was given. */
    private static String tells(Field field, List<String> told, List<String> given) {
        List<String> answer = numbers(field.answer().key()).stream()
                .filter(n -> !given.contains(n))
                .distinct()
                .toList();
        return !answer.isEmpty() && told.containsAll(answer) ? String.join(", ", answer) : "";
    }

    private static String text(Part part) {
        Stream<String> fields = part.fields().stream()
                .flatMap(f -> Stream.concat(
                        Stream.of(f.label()), f.response().options().stream().flatMap(OpenAnswers::of)));
        return Stream.concat(Stream.of(part.prompt(), part.layout().toString()), fields)
                .collect(Collectors.joining(" "));
    }

    private static Stream<String> of(Option option) {
        return Stream.of(
                option.text(),
                option.spoken(),
                option.figure().map(Object::toString).orElse(""));
    }

    /** 55.50 is 55.5. */
    private static String plain(String number) {
        return number.contains(".") && !number.contains("/")
                ? new BigDecimal(number).stripTrailingZeros().toPlainString()
                : number;
    }

    private static List<String> numbers(String text) {
        List<String> numbers = new ArrayList<>();
        Matcher matcher = NUMBER.matcher(text);
        while (matcher.find()) {
            numbers.add(plain(matcher.group().replace('\u2212', '-')));
        }
        return numbers;
    }
}
