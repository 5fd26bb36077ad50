package littlesummit.app.working;

import org.springframework.data.jpa.repository.JpaRepository;

interface WorkPageRepository extends JpaRepository<WorkPageEntity, String> {}
