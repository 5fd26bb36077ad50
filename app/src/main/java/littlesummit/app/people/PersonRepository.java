package littlesummit.app.people;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<PersonEntity, String> {
    Optional<PersonEntity> findByUsername(String username);

    List<PersonEntity> findByClassIdAndRoleOrderByName(String classId, Role role);
}
