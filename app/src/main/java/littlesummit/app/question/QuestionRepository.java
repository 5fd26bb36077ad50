package littlesummit.app.question;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuestionRepository extends JpaRepository<QuestionEntity, String> {
    List<QuestionEntity> findByPersonIdOrderByAskedAtDesc(String personId);

    List<QuestionEntity> findByClassIdOrderByAskedAtDesc(String classId);
}
