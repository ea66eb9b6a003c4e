package brachion.server.process;

import brachion.core.process.ProcessFrame;
import brachion.core.process.ProcessReport;
import brachion.core.process.ProcessTimes;
import brachion.core.process.StageKind;
import brachion.core.process.SteamingSchool;
import brachion.server.storage.Absent;
import java.util.Arrays;
import java.util.List;

/**
 * A process as it travels.
 *
 * @param stages  every stage with its moments
 * @param times   when things happen
 * @param schools what each rule of thumb says of the steaming time; none where none is about the heat
 */
record ProcessAnswer(List<StageView> stages, TimesReading times, List<SchoolView> schools) {

    /**
     * @param kind    what is done
     * @param softens whether it softens the wood before it is bent
     * @param seconds for how long [s]
     * @param frames  moments of it
     */
    record StageView(StageKind kind, boolean softens, double seconds, List<FrameView> frames) {
    }

    /**
     * @param seconds  since the start of the stage [s]
     * @param softness at equal depths, inner face first, 0 hard to 1 soft
     * @param moisture the same for moisture [%]
     * @param celsius  the same for temperature [°C]
     */
    record FrameView(double seconds, double[] softness, double[] moisture, double[] celsius) {

        static FrameView of(ProcessFrame frame) {
            return new FrameView(frame.seconds(), rounded(frame.softness(), 1000),
                    rounded(frame.moisturePercent(), 100), rounded(frame.celsius(), 10));
        }

        private static double[] rounded(double[] values, double steps) {
            return Arrays.stream(values).map(value -> Math.rint(value * steps) / steps).toArray();
        }
    }

    /**
     * When things happen; a time is missing when it does not come within the time looked at.
     *
     * @param hotAfterS     in the heat until the core is hot [s]
     * @param softAfterS    in the heat until most of the section is soft [s]
     * @param carryLimitS   after the pull until the outer quarter is too hard [s]
     * @param coldAfterS    on the form until cold [s]
     * @param below10AfterS from clamping until below 10 % [s]
     * @param below8AfterS  from clamping until below 8 % [s]
     * @param governedBy    what the softening waits for
     */
    record TimesReading(Double hotAfterS, Double softAfterS, Double carryLimitS, Double coldAfterS,
                        Double below10AfterS, Double below8AfterS, ProcessTimes.Governor governedBy) {

        static TimesReading of(ProcessTimes times) {
            return new TimesReading(Absent.orNull(times.hotAfterS()), Absent.orNull(times.softAfterS()), Absent.orNull(times.carryLimitS()),
                    Absent.orNull(times.coldAfterS()), Absent.orNull(times.below10AfterS()), Absent.orNull(times.below8AfterS()),
                    times.governedBy());
        }
    }

    /**
     * @param school  the rule of thumb
     * @param minutes what it says for this thickness
     */
    record SchoolView(SteamingSchool school, double minutes) {
    }

    static ProcessAnswer of(ProcessReport report, double thicknessMm) {
        return new ProcessAnswer(
                report.stages().stream().map(stage -> new StageView(stage.stage().kind(), stage.stage().kind().softens(), stage.stage().seconds(),
                        stage.frames().stream().map(FrameView::of).toList())).toList(),
                TimesReading.of(report.times()),
                report.stages().stream().anyMatch(stage -> stage.stage().kind().ruledByThumb()) ? schools(thicknessMm) : List.of());
    }

    private static List<SchoolView> schools(double thicknessMm) {
        return Arrays.stream(SteamingSchool.values()).map(school -> new SchoolView(school, school.minutes(thicknessMm))).toList();
    }
}
