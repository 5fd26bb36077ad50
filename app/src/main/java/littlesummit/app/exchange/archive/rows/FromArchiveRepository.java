package littlesummit.app.exchange.archive.rows;

import org.springframework.data.jpa.repository.JpaRepository;

interface FromArchiveRepository extends JpaRepository<FromArchiveEntity, String> {}
