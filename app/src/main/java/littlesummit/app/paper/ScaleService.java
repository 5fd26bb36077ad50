package littlesummit.app.paper;

import littlesummit.app.people.Person;
import littlesummit.app.web.Json;
import littlesummit.app.web.Problem;
import littlesummit.core.paper.MarkScale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The marking scale of a class. */
@Service
public class ScaleService {
    private final ScaleRepository scales;
    private final Json json;

    ScaleService(ScaleRepository scales, Json json) {
        this.scales = scales;
        this.json = json;
    }

    /** Percent alone until the class has words of its own. */
    @Transactional(readOnly = true)
    public MarkScale of(String classId) {
        return scales.findById(classId)
                .map(entity -> json.read(entity.grades(), ScaleDto.class).toCore())
                .orElse(MarkScale.PERCENT);
    }

    /** @throws Problem when these make no scale */
    @Transactional
    public MarkScale keep(Person instructor, MarkScale scale) {
        scale.refusal().ifPresent(sentence -> {
            throw Problem.badRequest(sentence);
        });
        scales.save(new ScaleEntity(instructor.classId(), json.write(ScaleDto.of(scale))));
        return scale;
    }
}
