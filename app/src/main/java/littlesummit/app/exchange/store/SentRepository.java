package littlesummit.app.exchange.store;

import org.springframework.data.jpa.repository.JpaRepository;

interface SentRepository extends JpaRepository<SentEntity, String> {}
