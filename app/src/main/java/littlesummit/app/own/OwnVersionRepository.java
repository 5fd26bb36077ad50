package littlesummit.app.own;

import org.springframework.data.jpa.repository.JpaRepository;

interface OwnVersionRepository extends JpaRepository<OwnVersionEntity, OwnVersionEntity.Key> {}
