package io.inkwellsplit.examples;

import io.inkwellsplit.name.NameSplitter;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.table.job.Job;
import io.inkwellsplit.table.job.JobDone;
import io.inkwellsplit.table.job.JobRun;
import io.inkwellsplit.table.job.JobWriter;
import io.inkwellsplit.words.OwnWords;
import java.nio.file.Path;

/**
 * Builds a job in a program, runs it, and shows it as the file that {@code inkwell run} takes; before, a name is read with
 * words of the festival's own: {@code RegisterJob <in.csv> <out.csv>}.
 */
public final class RegisterJob {
    private RegisterJob() {}

    public static void main(String[] args) {
        OwnWords words = OwnWords.of("festival words", """
                [title]
                Cantor
                [organisation]
                Glee Club
                """);
        NameSplitter names = NameSplitter.standard().withWords(words);
        System.out.println("Title: " + names.split("Cantor Ada Brookwell").text(NamePart.TITLE));

        Job job = Job.reading(Path.of(args[0]))
                .step("split", step -> step.set("name", "Patron").set("parts", "first,last"))
                .step("sort", step -> step.set("by", "Last name").set("by", "First name"))
                .writing(Path.of(args[1]));
        System.out.print(JobWriter.text(job, Path.of("register.yaml")));
        JobDone done = JobRun.of(job.replacing()).run();
        System.out.println("Rows: " + done.run().rowsOut());
    }
}
