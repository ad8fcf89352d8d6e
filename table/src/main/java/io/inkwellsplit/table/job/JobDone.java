package io.inkwellsplit.table.job;

import io.inkwellsplit.table.run.Run;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * What a job has done.
 *
 * @param job the job, with what was found out
 * @param run its rows and steps, with what they have counted
 * @param notes what the output says of itself, in sentences
 * @param setAside the file of the rows that were set aside; empty where there are none
 * @param beside what is said of the files beside the output, in sentences
 */
public record JobDone(Job job, Run run, List<String> notes, Optional<Path> setAside, List<String> beside) {}
