package littlesummit.app.people;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PersonRepository extends JpaRepository<PersonEntity, String> {
    Optional<PersonEntity> findByUsername(String username);

    List<PersonEntity> findByClassIdAndRoleOrderByName(String classId, Role role);

    List<PersonEntity> findByIdInOrderByName(Collection<String> ids);

    int countByClassIdAndRoleAndClosedAtIsNull(String classId, Role role);

    /** @param base letters and digits that they begin with */
    @Query("select p.username from PersonEntity p where p.username like concat(:base, '%')")
    Set<String> usernamesFrom(String base);
}
