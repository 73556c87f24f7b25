#pragma once

#include "cli/commands.h"

#include <CLI/CLI.hpp>

#include <functional>
#include <map>
#include <string>
#include <vector>

namespace lantern::cli {

inline void addJson(CLI::App *command, bool &json)
{
    command->add_flag("--json", json, "machine-readable output, see docs/schema");
}

/// A line to be typed, and what it does.
struct Example {
    std::string line, does;
};
/// Of a command, the usual one first.
const std::vector<Example> &examplesOf(const std::string &command);

/// All commands with their options as a person gave them. Help, man pages, completion and the
/// handbook's page of commands are made from it.
class CommandLine {
public:
    CommandLine();
    CommandLine(const CommandLine &) = delete;

    CLI::App app;
    std::map<std::string, std::function<int()>> commands; ///< what each does, by its name
    /// From now on the help is in the language that is spoken.
    void speak();
    /// Patches are shown on this desktop.
    [[nodiscard]] bool onDesk() const;
    /// It waits for others, and ends when it is told to.
    [[nodiscard]] bool endsBySignal() const { return !m_run.page.empty(); }
    /// Everything about the commands, for what is made from it.
    [[nodiscard]] std::string description() const;

private:
    RunOptions m_run;
    BuildOptions m_build;
    ValidateOptions m_validate;
    CheckOptions m_check;
    EvennessOptions m_evenness;
    ChartOptions m_chart;
    CorrectionOptions m_correction;
    ReportOptions m_report;
    PlotOptions m_plot;
    LogOptions m_log;
    BookOptions m_book;
    AgreeOptions m_agree;
    CommonAimOptions m_commonAim;
    DisplaysOptions m_displays;
    ProfilesOptions m_profiles;
    KeeperOptions m_keeper;
    DoctorOptions m_doctor;
    InspectOptions m_inspect;
    RecheckOptions m_recheck;
    ProofOptions m_proof;
    SimulateOptions m_simulate;
    DifferenceOptions m_difference;
    ConvertOptions m_convert;
    WhiteOptions m_white;
};

void addRun(CLI::App &app, RunOptions &options);
void addBuild(CLI::App &app, BuildOptions &options);
void addValidate(CLI::App &app, ValidateOptions &options);
void addCheck(CLI::App &app, CheckOptions &options);
void addEvenness(CLI::App &app, EvennessOptions &options);
void addChart(CLI::App &app, ChartOptions &options);
void addCorrection(CLI::App &app, CorrectionOptions &options);
void addReport(CLI::App &app, ReportOptions &options);
void addPlot(CLI::App &app, PlotOptions &options);
void addLog(CLI::App &app, LogOptions &options);
void addBook(CLI::App &app, BookOptions &options);
void addAgree(CLI::App &app, AgreeOptions &options);
void addCommonAim(CLI::App &app, CommonAimOptions &options);
void addDisplays(CLI::App &app, DisplaysOptions &options);
void addProfiles(CLI::App &app, ProfilesOptions &options);
void addKeeper(CLI::App &app, KeeperOptions &options);
void addDoctor(CLI::App &app, DoctorOptions &options);
void addInspect(CLI::App &app, InspectOptions &options);
void addRecheck(CLI::App &app, RecheckOptions &options);
void addProof(CLI::App &app, ProofOptions &options);
void addSimulate(CLI::App &app, SimulateOptions &options);
void addDifference(CLI::App &app, DifferenceOptions &options);
void addConvert(CLI::App &app, ConvertOptions &options);
void addWhite(CLI::App &app, WhiteOptions &options);

} // namespace lantern::cli
