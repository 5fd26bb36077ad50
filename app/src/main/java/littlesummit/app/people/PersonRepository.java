package littlesummit.app.people;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<PersonEntity, String> {
    Optional<PersonEntity> findByUsername(String username);

    List<PersonEntity> findByClassIdAndRoleOrderByName(String classId, Role role);

    List<PersonEntity> findByIdInOrderByName(Collection<String> ids);

    int countByClassIdAndRoleAndClosedAtIsNull(String classId, Role role);
}
