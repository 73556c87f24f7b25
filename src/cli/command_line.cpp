#include "cli/command_line.h"

#include "cli/parser_words.h"
#include "core/base/json_object.h"

#include <QCoreApplication>

#include <iostream>

namespace lantern::cli {

namespace {

std::string said(const char *text)
{
    return QCoreApplication::translate("Core", text).toStdString();
}

/// A group without a name is no more than the title of its options.
class Help : public CLI::Formatter {
public:
    std::string make_expanded(const CLI::App *of) const override
    {
        return of->get_name().empty() ? make_groups(of, CLI::AppFormatMode::Sub)
                                      : CLI::Formatter::make_expanded(of);
    }
};

/// What a command and those below it say of themselves; groups without a name stay without one.
void say(CLI::App &command)
{
    command.description(said(command.get_description().c_str()));
    command.group(said(command.get_group().c_str()));
    const bool isOneOf =
        command.get_require_option_min() == 1 && command.get_require_option_max() == 1;
    for (CLI::Option *o : command.get_options()) {
        o->description(said(o->get_description().c_str()));
        command.get_formatter()->label(o->get_type_name(), kindInWords(o->get_type_name()));
        o->group(isOneOf ? said("Exactly one of") : said(o->get_group().c_str()));
    }
    for (CLI::App *below : command.get_subcommands({}))
        say(*below);
}

} // namespace

CommandLine::CommandLine()
    : app("Bold Lantern on the command line: measure, profile and validate displays.",
          "bold-lantern-cli")
{
    app.require_subcommand(1);
    app.set_version_flag("--version", LANTERN_VERSION);
    app.formatter(std::make_shared<Help>());
    app.get_formatter()->column_width(30);
    addRun(app, m_run);
    addBuild(app, m_build);
    addValidate(app, m_validate);
    addCheck(app, m_check);
    addEvenness(app, m_evenness);
    addChart(app, m_chart);
    addCorrection(app, m_correction);
    addReport(app, m_report);
    addPlot(app, m_plot);
    addLog(app, m_log);
    addBook(app, m_book);
    addAgree(app, m_agree);
    addCommonAim(app, m_commonAim);
    addDisplays(app, m_displays);
    addProfiles(app, m_profiles);
    addKeeper(app, m_keeper);
    addDoctor(app, m_doctor);
    addInspect(app, m_inspect);
    addRecheck(app, m_recheck);
    addProof(app, m_proof);
    addSimulate(app, m_simulate);
    addDifference(app, m_difference);
    addConvert(app, m_convert);
    addWhite(app, m_white);
    commands = {
        {"run", [this] { return run(m_run); }},
        {"build", [this] { return build(m_build); }},
        {"validate", [this] { return validate(m_validate); }},
        {"check", [this] { return check(m_check); }},
        {"evenness", [this] { return evenness(m_evenness); }},
        {"chart", [this] { return chart(m_chart); }},
        {"correction", [this] { return correction(m_correction); }},
        {"report", [this] { return report(m_report); }},
        {"plot", [this] { return plot(m_plot); }},
        {"log", [this] { return log(m_log); }},
        {"book", [this] { return book(m_book); }},
        {"agree", [this] { return agree(m_agree); }},
        {"common-aim", [this] { return commonAim(m_commonAim); }},
        {"displays", [this] { return displays(m_displays); }},
        {"profiles", [this] { return profiles(m_profiles); }},
        {"keeper", [this] { return keeper(m_keeper); }},
        {"doctor", [this] { return doctor(m_doctor); }},
        {"inspect", [this] { return inspect(m_inspect); }},
        {"recheck", [this] { return recheck(m_recheck); }},
        {"proof", [this] { return proof(m_proof); }},
        {"simulate", [this] { return simulate(m_simulate); }},
        {"difference", [this] { return difference(m_difference); }},
        {"convert", [this] { return convert(m_convert); }},
        {"white", [this] { return white(m_white); }},
        {"manual",
         [this] {
             std::cout << description() << '\n';
             return 0;
         }},
    };
    app.add_subcommand("manual", "all of this as JSON")->group("");
}

void CommandLine::speak()
{
    app.failure_message([](const CLI::App *, const CLI::Error &e) {
        return "bold-lantern-cli: " + parserWords(e.what()) + ".\n" +
               said("Run with --help for more information.") + '\n';
    });
    const auto formatter = app.get_formatter();
    for (const char *label : {"Usage", "OPTIONS", "SUBCOMMAND", "REQUIRED", "Needs", "Excludes"})
        formatter->label(label, said(label));
    say(app);
    app.footer(said("Every command has its own --help with examples.") + '\n' +
               said("Results go to standard output; messages and progress to standard error.") +
               '\n' +
               said("Exit codes: 0 done, 2 an input is wrong, 3 a device failed, 4 a limit was "
                    "passed."));
    for (CLI::App *command : app.get_subcommands({})) {
        std::string footer;
        for (const Example &e : examplesOf(command->get_name()))
            footer += "  " + e.line + "\n      " + said(e.does.c_str()) + "\n";
        if (!footer.empty())
            command->footer(said("Examples") + ":\n" + footer);
    }
}

bool CommandLine::onDesk() const
{
    return !m_run.output.empty() || !m_check.output.empty() || !m_validate.output.empty() ||
           !m_evenness.output.empty();
}

std::string CommandLine::description() const
{
    Json all = Json::array();
    for (const CLI::App *command : app.get_subcommands({})) {
        if (command->get_group().empty()) // hidden
            continue;
        Json options = Json::array(), examples = Json::array();
        const auto add = [&options](const CLI::App *from) {
            for (const CLI::Option *o : from->get_options()) {
                if (o->get_name() == "--help")
                    continue;
                options.push_back(
                    {{"name", o->get_name()},
                     {"value", o->get_items_expected_max() == 0 ? std::string()
                                                                : kindInWords(o->get_type_name())},
                     {"does", o->get_description()},
                     {"required", o->get_required()}});
            }
        };
        for (const CLI::App *group : command->get_subcommands({}))
            add(group); // or a command below it
        add(command);
        for (const Example &e : examplesOf(command->get_name()))
            examples.push_back({{"line", e.line}, {"does", e.does}});
        all.push_back({{"name", command->get_name()},
                       {"does", command->get_description()},
                       {"options", options},
                       {"examples", examples}});
    }
    return Json{{"version", LANTERN_VERSION}, {"commands", all}}.dump(2);
}

} // namespace lantern::cli
