using System.Text.Json.Serialization;

namespace BurlyRidge.Core.RunSheet;

/// <summary>Something that happened at the vehicle; a job's record holds them one after the other.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Started), "started")]
[JsonDerivedType(typeof(Paused), "paused")]
[JsonDerivedType(typeof(Resumed), "resumed")]
[JsonDerivedType(typeof(Done), "done")]
[JsonDerivedType(typeof(Reopened), "reopened")]
[JsonDerivedType(typeof(Undone), "undone")]
[JsonDerivedType(typeof(Noted), "noted")]
[JsonDerivedType(typeof(Photographed), "photographed")]
[JsonDerivedType(typeof(Fasteners), "fasteners")]
[JsonDerivedType(typeof(Waits), "waits")]
[JsonDerivedType(typeof(Came), "came")]
[JsonDerivedType(typeof(Registered), "registered")]
[JsonDerivedType(typeof(Levelled), "levelled")]
[JsonDerivedType(typeof(Otherwise), "otherwise")]
[JsonDerivedType(typeof(Altered), "altered")]
[JsonDerivedType(typeof(Found), "found")]
[JsonDerivedType(typeof(OfVehicle), "ofVehicle")]
public abstract record SheetEvent
{
    private SheetEvent() { }

    /// <summary>When it happened by the clock of whoever sent it, who may have been out of reach of the server; null: as it arrived.</summary>
    public DateTimeOffset? When { get; init; }

    private const int MostName = 200;
    private const int MostText = 2_000;

    /// <summary>All that is wrong with it by itself, by field.</summary>
    public IReadOnlyList<Problem> Validate()
    {
        var problems = new Problems();
        Check(problems);
        return problems.Found;
    }

    private protected virtual void Check(Problems problems) { }

    /// <summary>A step was begun.</summary>
    public sealed record Started(string Step) : SheetEvent
    {
        private protected override void Check(Problems problems) => problems.Text("step", Step, MostName);
    }

    /// <summary>The work was left for a while.</summary>
    public sealed record Paused(string Why = "") : SheetEvent
    {
        private protected override void Check(Problems problems) => problems.Letters("why", Why, MostText);
    }

    /// <summary>It was taken up again.</summary>
    public sealed record Resumed : SheetEvent;

    /// <summary>A step was done.</summary>
    public sealed record Done(string Step) : SheetEvent
    {
        /// <summary>What was answered.</summary>
        public IReadOnlyList<Answer> Answers { get; init; } = [];

        /// <summary>The second person who looked, where the shop asks for one.</summary>
        public string Second { get; init; } = "";

        /// <summary>What it was, as the plan had it then; filled in as it is stored.</summary>
        public string Title { get; init; } = "";

        /// <summary>Its stage then.</summary>
        public Stage Stage { get; init; }

        /// <summary>What it went by then.</summary>
        public IReadOnlyList<Fact> Facts { get; init; } = [];

        /// <summary>What it came after.</summary>
        public IReadOnlyList<string> After { get; init; } = [];

        /// <summary>The step that ends what it did; empty: none.</summary>
        public string EndedBy { get; init; } = "";

        /// <summary>Minutes that the task table had for it.</summary>
        public double Planned { get; init; }

        /// <summary>The same with what the plan has of the step.</summary>
        public Done Of(SheetStep step) => this with { Title = step.Title, Stage = step.Stage, Facts = step.Facts, After = step.After, EndedBy = step.EndedBy, Planned = step.Minutes };

        private protected override void Check(Problems problems)
        {
            problems.Text("step", Step, MostName);
            problems.Letters("second", Second, MostName);
            problems.Count("answers", Answers.Count, 0, 100, RunSheetWords.Answers);
            problems.Each("answers", Answers, (path, answer) => problems.Text($"{path}.key", answer.Key, MostName));
            problems.Twice("answers", Answers.Where(answer => answer is not null).Select(answer => answer.Key));
        }
    }

    /// <summary>A step that was ticked is not done after all.</summary>
    public sealed record Reopened(string Step, string Why) : SheetEvent
    {
        private protected override void Check(Problems problems)
        {
            problems.Text("step", Step, MostName);
            problems.Letters("why", Why, MostText);
        }
    }

    /// <summary>What a step did was taken back, as the plan no longer has it.</summary>
    public sealed record Undone(string Step) : SheetEvent
    {
        private protected override void Check(Problems problems) => problems.Text("step", Step, MostName);
    }

    /// <summary>Somebody wrote something down.</summary>
    /// <param name="Step">The step that it is about; empty: the whole job.</param>
    public sealed record Noted(string Step, [property: LongText] string Text) : SheetEvent
    {
        private protected override void Check(Problems problems)
        {
            problems.Letters("step", Step, MostName);
            problems.Text("text", Text, MostText);
        }
    }

    /// <summary>A photograph was taken.</summary>
    /// <param name="Step">At which step; empty: at none.</param>
    /// <param name="About">The part, mount or finding, by what was found, that it shows; empty: the vehicle.</param>
    /// <param name="Photo">Its name in the store.</param>
    public sealed record Photographed(string Step, string About, string Photo, string Caption = "") : SheetEvent
    {
        private protected override void Check(Problems problems)
        {
            problems.Letters("step", Step, MostName);
            problems.Letters("about", About, Finding.MostLetters);
            problems.Text("photo", Photo, MostName);
            problems.Letters("caption", Caption, MostName);
        }
    }

    /// <summary>Fasteners that were taken out at a step.</summary>
    /// <param name="Step">Where: the step that took them out.</param>
    /// <param name="What">What they are: clip, bolt, nut, screw.</param>
    public sealed record Fasteners(string Step, int Count, string What) : SheetEvent
    {
        /// <summary>Size, as it is said: M8, 10 mm.</summary>
        public string Size { get; init; } = "";

        /// <summary>Head: hexagon, Torx, cross.</summary>
        public string Head { get; init; } = "";

        /// <summary>Tool that took them out.</summary>
        public string Tool { get; init; } = "";

        /// <summary>What is written on the bag.</summary>
        public string Bag { get; init; } = "";

        /// <summary>Made of plastic.</summary>
        public bool Plastic { get; init; }

        /// <summary>They hold structure: torque and thread-locker by the maker's manual.</summary>
        public bool Structural { get; init; }

        /// <summary>Their torque, as the maker gives it; empty: not looked up.</summary>
        public string Torque { get; init; } = "";

        /// <summary>So many were loose already.</summary>
        public int WereLoose { get; init; }

        /// <summary>So many broke.</summary>
        public int Broke { get; init; }

        /// <summary>Positions were marked before they were loosened.</summary>
        public bool Marked { get; init; }

        private protected override void Check(Problems problems)
        {
            problems.Text("step", Step, MostName);
            problems.Within("count", Count, 0, 1_000);
            problems.Text("what", What, MostName);
            foreach (var (path, text) in new[] { ("size", Size), ("head", Head), ("tool", Tool), ("bag", Bag), ("torque", Torque) }) problems.Letters(path, text, MostName);
            problems.Within("wereLoose", WereLoose, 0, Count);
            problems.Within("broke", Broke, 0, Count);
        }
    }

    /// <summary>Something has to be waited for.</summary>
    /// <param name="Step">The step that waits.</param>
    /// <param name="For">What for.</param>
    /// <param name="Until">The day on which it is expected, as "2026-11-27"; empty: not known.</param>
    public sealed record Waits(string Step, WaitFor For, string Until = "") : SheetEvent
    {
        private protected override void Check(Problems problems)
        {
            problems.Text("step", Step, MostName);
            problems.Day("until", Until);
        }
    }

    /// <summary>What a step waited for is there.</summary>
    public sealed record Came(string Step) : SheetEvent
    {
        private protected override void Check(Problems problems) => problems.Text("step", Step, MostName);
    }

    /// <summary>A wire, as it really is at one of its ends.</summary>
    /// <param name="At">The terminal of the rig, as "part.pin", or a fuse position or a cap in words.</param>
    /// <param name="Colour">Its colour there.</param>
    public sealed record Registered(string At, string Colour) : SheetEvent
    {
        /// <summary>The wire of the rig; empty: one of the vehicle's own.</summary>
        public string Wire { get; init; } = "";

        /// <summary>What else is to be known: which of two places in a fuse tap, capped, which pin.</summary>
        public string Note { get; init; } = "";

        private protected override void Check(Problems problems)
        {
            problems.Text("at", At, MostName);
            problems.Text("colour", Colour, MostName);
            problems.Letters("wire", Wire, MostName);
            problems.Letters("note", Note, MostText);
        }
    }

    /// <summary>How a lamp stood by the spirit level, and where its mark was.</summary>
    /// <param name="Lamp">The lamp of the rig, or the line planned in short.</param>
    /// <param name="Tight">Its bolts were tight; before that it can still be moved.</param>
    public sealed record Levelled(string Lamp, bool Tight) : SheetEvent
    {
        /// <summary>By the bubble along the lamp, degrees, its right end up; null: not looked at.</summary>
        public double? AcrossDegrees { get; init; }

        /// <summary>By the bubble along the beam, degrees, its front up; null: not looked at.</summary>
        public double? AlongDegrees { get; init; }

        /// <summary>Height of its left end above the ground, mm; null: not measured.</summary>
        public double? LeftMillimetres { get; init; }

        /// <summary>The same of its right end.</summary>
        public double? RightMillimetres { get; init; }

        /// <summary>What else is to be known.</summary>
        public string Note { get; init; } = "";

        private const double MostDegrees = 45;
        private const double MostMillimetres = 5_000;

        private protected override void Check(Problems problems)
        {
            problems.Text("lamp", Lamp, MostName);
            if (AcrossDegrees is { } across) problems.Within("acrossDegrees", across, -MostDegrees, MostDegrees, "°");
            if (AlongDegrees is { } along) problems.Within("alongDegrees", along, -MostDegrees, MostDegrees, "°");
            if (LeftMillimetres is { } left) problems.Within("leftMillimetres", left, 0, MostMillimetres, "mm");
            if (RightMillimetres is { } right) problems.Within("rightMillimetres", right, 0, MostMillimetres, "mm");
            if (AcrossDegrees is null && AlongDegrees is null && LeftMillimetres is null && RightMillimetres is null) problems.Add("acrossDegrees", RunSheetWords.NothingLevelled);
            problems.Letters("note", Note, MostText);
        }
    }

    /// <summary>Something was built otherwise than it is planned; it is taken into the plan before the hand-over, or stays noted.</summary>
    /// <param name="About">The wire or part of the rig.</param>
    public sealed record Otherwise(string About) : SheetEvent
    {
        /// <summary>Length of a wire as it was measured or laid, m; null: as planned.</summary>
        public double? Metres { get; init; }

        /// <summary>Colour of a wire; empty: as planned.</summary>
        public string Colour { get; init; } = "";

        /// <summary>The station, mount or space that a part is at; empty: where it is planned.</summary>
        public string At { get; init; } = "";

        /// <summary>What else is to be known, and why.</summary>
        public string Note { get; init; } = "";

        private protected override void Check(Problems problems)
        {
            problems.Text("about", About, MostName);
            if (Metres is { } metres) problems.Above("metres", metres, 0, 100, "m");
            problems.Letters("colour", Colour, 40);
            problems.Letters("at", At, MostName);
            problems.Letters("note", Note, MostText);
            if (Metres is null && Colour.Length == 0 && At.Length == 0 && Note.Length == 0) problems.Add("note", RunSheetWords.NothingOtherwise);
        }
    }

    /// <summary>Something of the vehicle was drilled, cut or ground.</summary>
    /// <param name="Where">What, and where on the vehicle.</param>
    public sealed record Altered(AlteredHow How, string Where) : SheetEvent
    {
        /// <summary>Of a hole or a cut: how large, as it is said.</summary>
        public string Size { get; init; } = "";

        /// <summary>How the edge was painted, covered and sealed; empty: not specified.</summary>
        public string Sealed { get; init; } = "";

        /// <summary>What it means for going back to standard; empty: not specified.</summary>
        public string Back { get; init; } = "";

        private protected override void Check(Problems problems)
        {
            problems.Text("where", Where, Finding.MostLetters);
            problems.Letters("size", Size, MostName);
            problems.Letters("sealed", Sealed, Finding.MostLetters);
            problems.Letters("back", Back, Finding.MostLetters);
        }
    }

    /// <summary>Something was found on the vehicle; it is kept for the next one of its kind.</summary>
    public sealed record Found(Finding What, string Step = "") : SheetEvent
    {
        private protected override void Check(Problems problems)
        {
            if (What is null) problems.Add("what", FileWords.MustNotBeEmpty);
            else What.Check(problems, "what");
            problems.Letters("step", Step, MostName);
        }
    }

    /// <summary>Which kind of vehicle it is, so that what is found helps with the next one.</summary>
    public sealed record OfVehicle(VehicleKind Vehicle) : SheetEvent
    {
        private protected override void Check(Problems problems)
        {
            if (Vehicle is null) problems.Add("vehicle", FileWords.MustNotBeEmpty);
            else Vehicle.Check(problems, "vehicle");
        }
    }
}

/// <summary>What is waited for.</summary>
public enum WaitFor
{
    /// <summary>A part on order.</summary>
    Part,

    /// <summary>Sealant or paint that cures.</summary>
    Curing,

    /// <summary>The dark.</summary>
    Dark,

    /// <summary>Something else.</summary>
    Other,
}

/// <summary>What was done to something of the vehicle's own.</summary>
public enum AlteredHow
{
    /// <summary>A hole more.</summary>
    Drilled,

    /// <summary>Cut in from an edge.</summary>
    Notched,

    /// <summary>A hole made larger.</summary>
    Enlarged,

    /// <summary>Cut back.</summary>
    Trimmed,

    /// <summary>Ground or sanded to bare metal.</summary>
    Ground,
}
