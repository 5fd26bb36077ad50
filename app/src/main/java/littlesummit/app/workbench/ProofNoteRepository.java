package littlesummit.app.workbench;

import org.springframework.data.jpa.repository.JpaRepository;

interface ProofNoteRepository extends JpaRepository<ProofNoteEntity, String> {}
