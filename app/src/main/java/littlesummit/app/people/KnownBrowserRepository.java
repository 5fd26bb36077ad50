package littlesummit.app.people;

import org.springframework.data.jpa.repository.JpaRepository;

interface KnownBrowserRepository extends JpaRepository<KnownBrowserEntity, KnownBrowserEntity.Key> {}
