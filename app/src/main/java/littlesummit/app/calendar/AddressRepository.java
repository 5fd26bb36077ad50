package littlesummit.app.calendar;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface AddressRepository extends JpaRepository<AddressEntity, String> {
    Optional<AddressEntity> findByHash(String hash);
}
