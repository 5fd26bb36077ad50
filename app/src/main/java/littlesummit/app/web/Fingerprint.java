package littlesummit.app.web;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.zip.CRC32;

/**
 * Tells one shape of a record from another: a short text that differs as soon as a component anywhere in it is renamed,
 * added, moved or of another type, or a constant is renamed.
 */
final class Fingerprint {
    private Fingerprint() {}

    static String of(Class<?> type) {
        Set<String> shapes = new TreeSet<>();
        describe(type, shapes);
        CRC32 sum = new CRC32();
        sum.update(String.join("\n", shapes).getBytes(StandardCharsets.UTF_8));
        return Long.toHexString(sum.getValue());
    }

    private static void describe(Type type, Set<String> shapes) {
        switch (type) {
            case ParameterizedType generic -> {
                describe(generic.getRawType(), shapes);
                Arrays.stream(generic.getActualTypeArguments()).forEach(argument -> describe(argument, shapes));
            }
            case Class<?> ours when ours.getName().startsWith("littlesummit.") -> describeOurs(ours, shapes);
            default -> {}
        }
    }

    private static void describeOurs(Class<?> type, Set<String> shapes) {
        if (type.isRecord()) {
            String shape = Arrays.stream(type.getRecordComponents())
                    .map(c -> c.getGenericType() + " " + c.getName())
                    .collect(Collectors.joining(", "));
            if (shapes.add(type.getName() + "(" + shape + ")")) {
                Arrays.stream(type.getRecordComponents())
                        .map(RecordComponent::getGenericType)
                        .forEach(component -> describe(component, shapes));
            }
        } else if (type.isEnum()) {
            shapes.add(type.getName() + Arrays.toString(type.getEnumConstants()));
        } else if (type.isSealed() && shapes.add(type.getName())) {
            Arrays.stream(type.getPermittedSubclasses()).forEach(sub -> describe(sub, shapes));
        }
    }
}
