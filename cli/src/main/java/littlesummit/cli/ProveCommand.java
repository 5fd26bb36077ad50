package littlesummit.cli;

import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import littlesummit.content.Catalogue;
import littlesummit.content.template.Templates;
import littlesummit.core.proof.Proof;
import littlesummit.core.proof.Prover;
import littlesummit.core.skill.Skill;
import littlesummit.core.template.Complaint;
import littlesummit.core.template.TemplateReading;
import littlesummit.core.template.TemplateSkill;

/** Looks at the items of a skill, or of a template in a file, and says what does not hold. */
final class ProveCommand {
    private ProveCommand() {}

    /** @return 0 where everything holds, 1 where something does not, 2 where there is nothing to look at */
    static int run(List<String> options, BufferedWriter out) throws IOException {
        if (options.size() != 1) {
            System.err.println("usage: prove FILE, or prove SKILL; items --list shows all skills");
            return 2;
        }
        String name = options.getFirst();
        Optional<Skill> shipped = new Catalogue().find(name);
        if (shipped.isPresent()) {
            return prove(shipped.get(), out);
        }
        try {
            return switch (Templates.read(Files.readString(Path.of(name)))) {
                case TemplateReading.Understood(var template) -> prove(new TemplateSkill(template), out);
                case TemplateReading.Wrong(List<Complaint> complaints) -> {
                    print(complaints, out);
                    yield 1;
                }
            };
        } catch (NoSuchFileException none) {
            System.err.println("prove: there is neither a skill nor a file called " + name);
            return 2;
        }
    }

    private static int prove(Skill skill, BufferedWriter out) throws IOException {
        Proof proof = Prover.prove(skill, ProveCommand::tell);
        System.err.println();
        print(proof.complaints(), out);
        print(proof.findings(), out);
        out.write(proof.holds() ? "Everything holds: " : "Looked at ");
        out.write(proof.extent() + ".");
        out.newLine();
        return proof.holds() ? 0 : 1;
    }

    private static boolean tell(long seen, long of) {
        System.err.print("\r" + seen + " of " + of + " items");
        return true;
    }

    private static void print(List<?> sentences, BufferedWriter out) throws IOException {
        for (Object sentence : sentences) {
            out.write(sentence.toString());
            out.newLine();
        }
    }
}
