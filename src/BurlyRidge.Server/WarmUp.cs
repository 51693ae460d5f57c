using BurlyRidge.Server.Catalogue;
using System.Text.Json;
using BurlyRidge.Core.Assessing;
using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.RunSheet;
using BurlyRidge.Core.Templates;
using BurlyRidge.Server.Assess;
using BurlyRidge.Server.Demo;

namespace BurlyRidge.Server;

/// <summary>Works out what an edit asks a few times, so that the first key press is answered as quickly as the next.</summary>
public static partial class WarmUp
{
    private const int Rounds = 16;

    /// <summary>Begins beside the server; that it fails is a line in the log and no more.</summary>
    public static void Begin(WebApplication app)
    {
        var stopping = app.Lifetime.ApplicationStopping;
        var log = app.Services.GetRequiredService<ILoggerFactory>().CreateLogger(typeof(WarmUp));
        _ = Task.Run(() =>
        {
            try
            {
                Run(stopping);
            }
            catch (OperationCanceledException)
            {
                // Whoever stops the server does not wait for it to be quick.
            }
            catch (Exception error)
            {
                LogFailure(log, error);
            }
        }, stopping);
    }

    /// <summary>Runs to its end, or until the server stops.</summary>
    public static void Run(CancellationToken stopping)
    {
        for (var round = 0; round < Rounds; round++)
        {
            var rig = DemoJobs.All[round % DemoJobs.All.Count].Rig;
            var line = rig.Lines[round % rig.Lines.Count].Id;
            Read(rig);
            stopping.ThrowIfCancellationRequested();
            var whole = WholeRig.Of(rig, QuickSizeCache.Sizes, stopping);
            Write(new EditPreviewPart(Line: LineView.Of(whole, line, null, stopping)));
            var assessed = AssessedRig.Of(whole, ShippedCatalogue.Wire, stopping);
            Write(new EditPreviewPart(Assessment: assessed.Assessment.About(line)));
            if (round % 2 == 0) Start(rig, stopping);
            if (round % 4 == 1) Write(SheetView.Of(assessed, SheetRecord.Nothing));
            if (rig.Runs.Count > 0 && round % 8 == 0) Write(RunAssessment.Of(assessed, rig.Runs[round % rig.Runs.Count].Id, ShippedCatalogue.Wire, stopping));
        }
    }

    private static void Start(Rig rig, CancellationToken stopping)
    {
        var lamp = new Fixture("warm", "Lamp", [new LampFunction("main", LampKind.RegulatedLed, 30) { MaxVolts = 32 }]);
        if (LineTemplates.For(rig, lamp, 1).FirstOrDefault(offered => offered.WhyNot.Length == 0) is { } offered)
            Write(LineTemplates.Build(rig, new TemplateAnswers(offered.Template.Id, "Warm", lamp, 1, 3), QuickSizeCache.Sizes, stopping).Rig);
    }

    private static void Read(Rig rig) => JsonReading.Read<EditPreviewRequest>(JsonSerializer.SerializeToUtf8Bytes(new EditPreviewRequest(rig), JsonRules.Stored));

    private static void Write<T>(T answer) => JsonSerializer.SerializeToUtf8Bytes(answer, JsonRules.Stored);

    [LoggerMessage(Level = LogLevel.Warning, Message = "The warm-up failed; the first answers will take longer.")]
    private static partial void LogFailure(ILogger log, Exception error);
}
