package littlesummit.app.web;

import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.type.TypeFactory;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collection;
import java.util.Iterator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * Describes our records: every component is required unless it is optional, and a sealed interface is one of its
 * records, told apart by the tag that {@link SealedTypes} writes.
 */
@Component
class RecordSchemas implements ModelConverter {
    private static final String SHAPE = "Dto";
    private final Map<String, Class<?>> named = new ConcurrentHashMap<>();
    private final Set<String> twice = ConcurrentHashMap.newKeySet();

    /** Records that share a name, and so would be described as one; none ever should. */
    Set<String> twice() {
        return Set.copyOf(twice);
    }

    /** Records of the rules that are described as they are; none ever should: what is sent has a shape of its own. */
    Set<String> ofCore() {
        return named.values().stream()
                .map(Class::getName)
                .filter(name -> name.startsWith("littlesummit.core."))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Override
    public Schema<?> resolve(AnnotatedType annotated, ModelConverterContext context, Iterator<ModelConverter> chain) {
        JavaType type = TypeFactory.defaultInstance().constructType(annotated.getType());
        Class<?> raw = type.getRawClass();
        if (raw == Optional.class) {
            return context.resolve(new AnnotatedType(type.containedType(0)).resolveAsRef(true));
        }
        if (Collection.class.isAssignableFrom(raw)) {
            return new ArraySchema()
                    .items(context.resolve(new AnnotatedType(type.getContentType()).resolveAsRef(true)));
        }
        if (!raw.getName().startsWith("littlesummit.") || raw.isEnum() || !raw.isRecord() && !raw.isSealed()) {
            return chain.hasNext() ? chain.next().resolve(annotated, context, chain) : null;
        }
        String name = name(raw);
        if (!context.getDefinedModels().containsKey(name)) {
            context.defineModel(name, new ObjectSchema());
            context.defineModel(name, raw.isRecord() ? record(raw, context) : union(raw, context));
        }
        return new Schema<>().$ref("#/components/schemas/" + name);
    }

    private String name(Class<?> type) {
        Class<?> outer = type.getEnclosingClass();
        String name = (outer != null && outer.isSealed() ? plain(outer) : "") + plain(type);
        Class<?> known = named.putIfAbsent(name, type);
        if (known != null && known != type) {
            twice.add(type + " and " + known + " would both be called " + name);
        }
        return name;
    }

    /** The screen need not know that a type is made for it. */
    private static String plain(Class<?> type) {
        return type.getSimpleName().replaceFirst(SHAPE + "$", "");
    }

    private static Schema<?> record(Class<?> type, ModelConverterContext context) {
        Schema<?> schema = new ObjectSchema();
        if (Arrays.stream(type.getInterfaces()).anyMatch(Class::isSealed)) {
            schema.addProperty("kind", new StringSchema().addEnumItem(type.getSimpleName()));
            schema.addRequiredItem("kind");
        }
        for (RecordComponent component : type.getRecordComponents()) {
            schema.addProperty(
                    component.getName(),
                    context.resolve(new AnnotatedType(component.getGenericType()).resolveAsRef(true)));
            if (component.getType() != Optional.class) {
                schema.addRequiredItem(component.getName());
            }
        }
        return schema;
    }

    private static Schema<?> union(Class<?> type, ModelConverterContext context) {
        Schema<?> schema = new Schema<>();
        for (Class<?> sub : type.getPermittedSubclasses()) {
            schema.addOneOfItem(context.resolve(new AnnotatedType(sub).resolveAsRef(true)));
        }
        return schema;
    }
}
