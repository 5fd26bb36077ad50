package littlesummit.app.marking;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SavedCommentRepository extends JpaRepository<SavedCommentEntity, String> {
    List<SavedCommentEntity> findByPersonIdOrderByText(String personId);
}
