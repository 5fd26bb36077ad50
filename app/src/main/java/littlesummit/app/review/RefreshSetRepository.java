package littlesummit.app.review;

import org.springframework.data.jpa.repository.JpaRepository;

interface RefreshSetRepository extends JpaRepository<RefreshSetEntity, String> {}
