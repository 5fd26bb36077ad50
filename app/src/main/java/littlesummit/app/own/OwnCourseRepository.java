package littlesummit.app.own;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnCourseRepository extends JpaRepository<OwnCourseEntity, String> {
    /** Those that are offered, the oldest first. */
    List<OwnCourseEntity> findByMakerIdAndWithdrawnFalseOrderByMadeAt(String makerId);

    Optional<OwnCourseEntity> findByIdAndMakerId(String id, String makerId);
}
