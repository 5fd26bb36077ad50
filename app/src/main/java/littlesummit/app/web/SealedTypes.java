package littlesummit.app.web;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.cfg.MapperConfig;
import com.fasterxml.jackson.databind.introspect.Annotated;
import com.fasterxml.jackson.databind.introspect.AnnotatedClass;
import com.fasterxml.jackson.databind.introspect.AnnotatedMember;
import com.fasterxml.jackson.databind.introspect.AnnotatedMethod;
import com.fasterxml.jackson.databind.introspect.JacksonAnnotationIntrospector;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import java.util.Arrays;
import java.util.List;

/**
 * Writes our sealed types as tagged objects, without an annotation of a library in each: {@code "kind"} holds the name
 * of the record. The client's types become unions of the same tags.
 */
public final class SealedTypes extends JacksonAnnotationIntrospector {
    private static final long serialVersionUID = 1L;
    private static final JsonTypeInfo.Value TAG =
            JsonTypeInfo.Value.construct(JsonTypeInfo.Id.NAME, JsonTypeInfo.As.PROPERTY, "kind", null, false, true);

    @Override
    public JsonTypeInfo.Value findPolymorphicTypeInfo(MapperConfig<?> config, Annotated annotated) {
        return annotated instanceof AnnotatedClass type && isOurs(type.getRawType())
                ? TAG
                : super.findPolymorphicTypeInfo(config, annotated);
    }

    @Override
    public List<NamedType> findSubtypes(Annotated annotated) {
        Class<?> type = annotated.getRawType();
        return isOurs(type) && type.isSealed()
                ? Arrays.stream(type.getPermittedSubclasses())
                        .map(sub -> new NamedType(sub, sub.getSimpleName()))
                        .toList()
                : super.findSubtypes(annotated);
    }

    @Override
    public String findTypeName(AnnotatedClass annotated) {
        return isOurs(annotated.getRawType()) ? annotated.getRawType().getSimpleName() : super.findTypeName(annotated);
    }

    /** Of a record only its components are written, not what is computed from them. */
    @Override
    public boolean hasIgnoreMarker(AnnotatedMember member) {
        return member instanceof AnnotatedMethod method && isComputed(method) || super.hasIgnoreMarker(member);
    }

    private static boolean isComputed(AnnotatedMethod method) {
        Class<?> type = method.getDeclaringClass();
        if (!type.getName().startsWith("littlesummit.")) {
            return false;
        }
        return type.isRecord()
                ? Arrays.stream(type.getRecordComponents())
                        .noneMatch(c -> c.getName().equals(method.getName()))
                : type.isSealed() && method.getAnnotated().isDefault();
    }

    /** A sealed interface of ours, or one of the records that it permits. */
    private static boolean isOurs(Class<?> type) {
        boolean sealed = type.isInterface() && type.isSealed()
                || Arrays.stream(type.getInterfaces()).anyMatch(Class::isSealed);
        return sealed && !type.isEnum() && type.getName().startsWith("littlesummit.");
    }
}
