package littlesummit.app.people;

import org.springframework.data.jpa.repository.JpaRepository;

interface SetUpCodeRepository extends JpaRepository<SetUpCodeEntity, Integer> {}
