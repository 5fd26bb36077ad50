package littlesummit.app.content;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Part;

/** One graded step of an item, as it is kept; it never leaves the server as a whole. */
record PartDto(String prompt, List<FieldDto> fields, LayoutDto layout, List<String> hints) {
    record FieldDto(
            String id,
            String label,
            String wanted,
            ResponseDto response,
            AnswerDto answer,
            List<MistakeDto> mistakes) {}

    record MistakeDto(String entry, String slip, String message) {}

    static PartDto of(Part part) {
        return new PartDto(
                part.prompt(),
                part.fields().stream().map(PartDto::of).toList(),
                LayoutDto.of(part.layout()),
                part.hints());
    }

    private static FieldDto of(Field field) {
        return new FieldDto(
                field.id(),
                field.label(),
                field.wanted(),
                ResponseDto.of(field.response()),
                AnswerDto.of(field.answer()),
                field.mistakes().stream()
                        .map(m -> new MistakeDto(m.entry(), m.slip(), m.message()))
                        .toList());
    }

    Part toCore() {
        return new Part(prompt, fields.stream().map(PartDto::toCore).toList(), layout.toCore(), hints);
    }

    private static Field toCore(FieldDto field) {
        return new Field(
                field.id,
                field.label,
                field.wanted,
                field.response.toCore(),
                field.answer.toCore(),
                field.mistakes.stream()
                        .map(m -> new Mistake(m.entry, m.slip, m.message))
                        .toList());
    }
}
