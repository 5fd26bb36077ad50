package littlesummit.app.people;

import org.springframework.data.jpa.repository.JpaRepository;

interface ClassRepository extends JpaRepository<ClassEntity, String> {}
