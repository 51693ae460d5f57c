using System.Globalization;

namespace BurlyRidge.Core.RunSheet;

/// <summary>An entry of the log, as it is stored.</summary>
/// <param name="Number">Its place in the job's record.</param>
/// <param name="At">When it arrived.</param>
public sealed record Logged(int Number, DateTimeOffset At, string Who, SheetEvent What);

/// <summary>A step that was done.</summary>
/// <param name="Number">Of its entry.</param>
/// <param name="Minutes">What it took; null: nobody said when it was begun.</param>
public sealed record DoneStep(int Number, DateTimeOffset At, string Who, SheetEvent.Done What, double? Minutes);

/// <summary>What a step waits for.</summary>
public sealed record Wait(string Step, WaitFor For, string Until);

/// <summary>Something found on the vehicle.</summary>
/// <param name="Photos">Names of those that show it.</param>
public sealed record FoundHere(Finding What, IReadOnlyList<string> Photos);

/// <summary>How a lamp stood by the level.</summary>
public sealed record LevelHere(DateTimeOffset At, string Who, SheetEvent.Levelled What);

/// <summary>Something written down or shown at a step.</summary>
public sealed record StepNote(DateTimeOffset At, string Who, string Text, string Photo = "");

/// <summary>What came of all that happened at a vehicle.</summary>
/// <param name="Done">Steps that are done, by id.</param>
/// <param name="LastUndone">Number of the last entry that took something back; 0: none.</param>
/// <param name="Now">The step that was begun and is not done; empty: none.</param>
/// <param name="Begun">Steps that were begun and are not done.</param>
/// <param name="Paused">Whether the work is left, and why; null: it goes on.</param>
/// <param name="Last">When the last entry was written; null: none was.</param>
public sealed record SheetRecord(
    IReadOnlyDictionary<string, DoneStep> Done, int LastUndone, string Now, IReadOnlySet<string> Begun, string? Paused, DateTimeOffset? Last,
    IReadOnlyList<Wait> Waits, ILookup<string, StepNote> Notes, IReadOnlyList<SheetEvent.Fasteners> Fasteners, IReadOnlyList<SheetEvent.Registered> Register, IReadOnlyList<LevelHere> Levels, IReadOnlyList<FoundHere> Findings, VehicleKind? Vehicle)
{
    /// <summary>What was built otherwise than planned: the last of each wire and part.</summary>
    public IReadOnlyList<SheetEvent.Otherwise> Otherwise { get; init; } = [];

    /// <summary>What was drilled, cut or ground.</summary>
    public IReadOnlyList<SheetEvent.Altered> Altered { get; init; } = [];

    /// <summary>Photos in their order, with what they show.</summary>
    public IReadOnlyList<SheetEvent.Photographed> Photos { get; init; } = [];

    /// <summary>Nothing happened yet.</summary>
    public static SheetRecord Nothing { get; } = Of([]);

    /// <summary>Folds what happened, in the order of the log.</summary>
    public static SheetRecord Of(IEnumerable<Logged> log)
    {
        var done = new Dictionary<string, DoneStep>(StringComparer.Ordinal);
        var waits = new Dictionary<string, Wait>(StringComparer.Ordinal);
        var notes = new List<(string Step, StepNote Note)>();
        var (fasteners, register, findings) = (new List<SheetEvent.Fasteners>(), new List<SheetEvent.Registered>(), new List<Finding>());
        var (begun, shown) = (new HashSet<string>(StringComparer.Ordinal), new List<(string About, string Photo)>());
        var levels = new List<LevelHere>();
        var (otherwise, altered, pictures) = (new List<SheetEvent.Otherwise>(), new List<SheetEvent.Altered>(), new List<SheetEvent.Photographed>());
        var clock = new WorkClock();
        var (undone, now) = (0, "");
        string? paused = null;
        VehicleKind? vehicle = null;
        DateTimeOffset? last = null;
        foreach (var (number, at, who, what) in log)
        {
            var when = clock.Of(what.When, at);
            last = when;
            switch (what)
            {
                case SheetEvent.Started started:
                    now = started.Step;
                    begun.Add(started.Step);
                    paused = null;
                    clock.Start(started.Step, when);
                    break;
                case SheetEvent.Paused left:
                    paused = left.Why;
                    clock.Pause(when);
                    break;
                case SheetEvent.Resumed:
                    paused = null;
                    clock.Resume(when);
                    break;
                case SheetEvent.Done one:
                    done[one.Step] = new DoneStep(number, when, who, one, clock.Stop(one.Step, when));
                    waits.Remove(one.Step);
                    begun.Remove(one.Step);
                    if (now == one.Step) now = "";
                    paused = null;
                    break;
                case SheetEvent.Reopened again:
                    done.Remove(again.Step);
                    if (again.Why.Length > 0) notes.Add((again.Step, new StepNote(when, who, again.Why)));
                    break;
                case SheetEvent.Undone back:
                    done.Remove(back.Step);
                    undone = number;
                    break;
                case SheetEvent.Noted noted:
                    notes.Add((noted.Step, new StepNote(when, who, noted.Text)));
                    break;
                case SheetEvent.Photographed photo:
                    notes.Add((photo.Step, new StepNote(when, who, photo.Caption, photo.Photo)));
                    shown.Add((photo.About, photo.Photo));
                    pictures.Add(photo);
                    break;
                case SheetEvent.Fasteners some:
                    fasteners.Add(some);
                    break;
                case SheetEvent.Waits wait:
                    waits[wait.Step] = new Wait(wait.Step, wait.For, wait.Until);
                    break;
                case SheetEvent.Came came:
                    waits.Remove(came.Step);
                    break;
                case SheetEvent.Registered wire:
                    register.RemoveAll(other => other.At == wire.At && other.Wire == wire.Wire);
                    register.Add(wire);
                    break;
                case SheetEvent.Levelled level:
                    levels.Add(new LevelHere(when, who, level));
                    break;
                case SheetEvent.Otherwise other:
                    otherwise.RemoveAll(before => before.About == other.About);
                    otherwise.Add(other);
                    break;
                case SheetEvent.Altered some:
                    altered.Add(some);
                    break;
                case SheetEvent.Found found:
                    findings.Add(found.What.FoundOn.Length > 0 ? found.What : found.What with { FoundOn = when.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture) });
                    break;
                case SheetEvent.OfVehicle of:
                    vehicle = of.Vehicle;
                    break;
            }
        }
        var photos = shown.ToLookup(pair => pair.About, pair => pair.Photo, StringComparer.Ordinal);
        return new SheetRecord(done, undone, now, begun, paused, last, [.. waits.Values], notes.ToLookup(pair => pair.Step, pair => pair.Note, StringComparer.Ordinal), fasteners, register, levels, [.. findings.Select(finding => new FoundHere(finding, [.. photos[finding.What]]))], vehicle)
        {
            Otherwise = otherwise,
            Altered = altered,
            Photos = pictures,
        };
    }

    /// <summary>Whether the clock of whoever sent something cannot be right.</summary>
    public static bool ClockIsWrong(SheetEvent what, DateTimeOffset arrived) => WorkClock.IsWrong(what.When, arrived);

    /// <summary>Steps of which it is known what they took.</summary>
    public IEnumerable<TimedStep> Timed(string job) => Done.Values.Where(done => done.Minutes > 0 && done.What.Planned > 0).Select(done => new TimedStep(job, done.What.Planned, done.Minutes!.Value));

    /// <summary>What a count of a step has to come to: what was counted or logged where it came apart; null: nobody said.</summary>
    public double? Counted(SheetStep step, Ask ask)
    {
        if (ask.Kind != AskKind.Count) return null;
        if (ask.Same is { } same) return NumberAt(same) ?? Logged(same.Step, same.Key);
        return Logged(step.Id, ask.Key);
    }

    private double? NumberAt(AskOf of) => Done.GetValueOrDefault(of.Step)?.What.Answers.FirstOrDefault(answer => answer.Key == of.Key)?.Number;

    /// <summary>Fasteners that were logged at a step, all of them together.</summary>
    private double? Logged(string step, string key) => key == Ask.Fasteners && Fasteners.Where(some => some.Step == step).ToList() is { Count: > 0 } some ? some.Sum(one => one.Count) : null;
}

/// <summary>How long steps take, pauses left out. A step that nobody said was begun was begun when the one before it was done.</summary>
internal sealed class WorkClock
{
    /// <summary>A clock that is so far ahead of the server's is wrong.</summary>
    private static readonly TimeSpan Ahead = TimeSpan.FromMinutes(2);

    /// <summary>Nobody works so long on a step without saying so: the pause was forgotten.</summary>
    private static readonly TimeSpan Forgotten = TimeSpan.FromHours(4);

    private readonly Dictionary<string, TimeSpan> spent = new(StringComparer.Ordinal);
    private string step = "";
    private DateTimeOffset? running;
    private DateTimeOffset latest = DateTimeOffset.MinValue;

    /// <summary>When something happened: as its sender's clock has it, unless that cannot be; the order of the log stays.</summary>
    public DateTimeOffset Of(DateTimeOffset? claimed, DateTimeOffset arrived)
    {
        var when = claimed is { } then && then >= latest && then <= arrived + Ahead ? then : arrived;
        latest = when > latest ? when : latest;
        return when;
    }

    /// <summary>Whether a sender's clock cannot be right.</summary>
    public static bool IsWrong(DateTimeOffset? claimed, DateTimeOffset arrived) => claimed > arrived + Ahead;

    public void Start(string id, DateTimeOffset when)
    {
        Pause(when);
        step = id;
        running = when;
    }

    public void Pause(DateTimeOffset when)
    {
        if (running is { } since && step.Length > 0 && when > since) spent[step] = spent.GetValueOrDefault(step) + (when - since);
        running = null;
    }

    public void Resume(DateTimeOffset when) => running ??= step.Length > 0 ? when : null;

    /// <summary>Minutes of a step; null where that cannot be known.</summary>
    public double? Stop(string id, DateTimeOffset when)
    {
        var begun = step == id || (step.Length == 0 && running is not null);
        if (begun && step.Length == 0 && when - running < Forgotten) spent[id] = spent.GetValueOrDefault(id) + (when - running!.Value);
        else if (step == id) Pause(when);
        if (begun) (step, running) = ("", when);
        return spent.Remove(id, out var time) || begun ? time.TotalMinutes is > 0 and var minutes ? minutes : null : null;
    }
}
