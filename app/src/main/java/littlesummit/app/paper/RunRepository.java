package littlesummit.app.paper;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface RunRepository extends JpaRepository<RunEntity, String> {
    Optional<RunEntity> findByCodeAndPersonId(String code, String personId);

    List<RunEntity> findByCodeIn(Collection<String> codes);

    List<RunEntity> findByPersonId(String personId);

    boolean existsByCodeIn(Collection<String> codes);
}
