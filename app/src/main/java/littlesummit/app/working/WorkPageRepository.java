package littlesummit.app.working;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WorkPageRepository extends JpaRepository<WorkPageEntity, String> {
    List<WorkPageEntity> findByPersonIdOrderByStartedAtDesc(String personId);

    List<WorkPageEntity> findByClassIdAndWaitingSinceIsNotNullOrderByWaitingSince(String classId);

    @Query("select p.itemId from WorkPageEntity p where p.personId = :personId and exists (select s from InkStrokeEntity s where s.itemId = p.itemId)")
    List<String> withInk(String personId);
}
