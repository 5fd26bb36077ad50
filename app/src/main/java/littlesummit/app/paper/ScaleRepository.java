package littlesummit.app.paper;

import org.springframework.data.jpa.repository.JpaRepository;

interface ScaleRepository extends JpaRepository<ScaleEntity, String> {}
