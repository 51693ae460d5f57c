using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Running;

namespace BurlyRidge.Core.Commissioning.Training;

/// <summary>What came of an act.</summary>
/// <param name="Words">What was done.</param>
/// <param name="Shows">What was seen or read.</param>
/// <param name="Minutes">What it cost.</param>
/// <param name="Covers">What came off for it.</param>
public sealed record TrainingStep(string Words, string Shows, double Minutes, IReadOnlyList<string> Covers);

/// <summary>One step of a learner's way beside the best at that moment.</summary>
/// <param name="LeftBefore">Causes that were left before it.</param>
/// <param name="LeftAfter">And after it.</param>
/// <param name="RuledOut">Names of some that it ruled out, the likeliest first.</param>
/// <param name="Bits">What it was expected to tell, bits.</param>
/// <param name="Best">What would have told most for its minutes then; empty: it was that, or nothing tells more.</param>
/// <param name="BestBits">What that was expected to tell.</param>
/// <param name="BestMinutes">And its minutes.</param>
public sealed record ComparedStep(TrainingStep Step, int LeftBefore, int LeftAfter, IReadOnlyList<string> RuledOut, double Bits, string Best, double BestBits, double BestMinutes);

/// <summary>Something that can be taken out for a reading.</summary>
/// <param name="Key">Of the fault library.</param>
/// <param name="Name">As it is when it is out.</param>
public sealed record Removable(string Key, string Name);

/// <summary>A part or wire that can be looked at for a fault.</summary>
public sealed record TrainingSuspect(string Fault, string Name);

/// <summary>An exercise under way.</summary>
/// <param name="Complaint">What the customer says.</param>
/// <param name="Dash">How the vehicle stands.</param>
/// <param name="Out">What is taken out.</param>
/// <param name="Lamps">What can be seen of it: its lamps, and nothing that is under a cover.</param>
/// <param name="Reading">What a tester shows that was just held to it; null: none was.</param>
/// <param name="Minutes">What was spent so far.</param>
/// <param name="Found">What was wrong was looked at, and is found.</param>
/// <param name="Compared">At the end, the learner's way beside the best; none before.</param>
/// <param name="BestWay">At the end, the way of the best advice from the start.</param>
/// <param name="BestMinutes">Its minutes.</param>
/// <param name="Answer">At the end, what was wrong; empty before.</param>
public sealed record TrainingView(
    string Title, string Complaint, RigState Dash, IReadOnlyList<string> Out, IReadOnlyList<Removable> Removable, RunMoment Lamps, TesterReading? Reading, IReadOnlyList<TrainingSuspect> Suspects,
    IReadOnlyList<TrainingStep> Steps, double Minutes, bool Found, IReadOnlyList<ComparedStep> Compared, IReadOnlyList<TrainingStep> BestWay, double BestMinutes, string Answer);
