using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Templates;

namespace BurlyRidge.Core.Edits;

/// <summary>Aims lamps, singly or together.</summary>
/// <param name="Lamps">Ids of fixtures, or of lines whose lamps are turned together.</param>
public sealed record AimLamps(IReadOnlyList<string> Lamps, AimHow How) : EditCommand
{
    /// <summary>To the right; null: as it is. Outwards: from the middle.</summary>
    public double? YawDegrees { get; init; }

    /// <summary>Up; null: as it is.</summary>
    public double? PitchDegrees { get; init; }

    /// <summary>About its axis; null: as it is.</summary>
    public double? RollDegrees { get; init; }

    /// <summary>Of a point: ahead of the front, m. Of a distance: from the end of the vehicle that it looks away from, m.</summary>
    public double? Metres { get; init; }

    /// <summary>Of a point: right of the middle, m.</summary>
    public double? RightMetres { get; init; }

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var rig = context.Rig;
        var problems = new Problems();
        problems.Count("lamps", Lamps.Count, 1, RigSize.MaxLamps, PartWords.KindOfLamps);
        if (YawDegrees is { } yaw) problems.Within("yawDegrees", yaw, -180, 180, "°");
        if (PitchDegrees is { } pitch) problems.Within("pitchDegrees", pitch, -90, 90, "°");
        if (RollDegrees is { } roll) problems.Within("rollDegrees", roll, -180, 180, "°");
        if (How is AimHow.Point or AimHow.Distance) problems.Within("metres", Metres ?? double.NaN, How == AimHow.Point ? -100 : 0.5, 1000, "m");
        if (How == AimHow.Point) problems.Within("rightMetres", RightMetres ?? double.NaN, -100, 100, "m");
        if (How == AimHow.Outward && YawDegrees is null) problems.Add("yawDegrees", FileWords.MustNotBeEmpty);
        if (problems.Found.Count > 0) return new EditOutcome.Refused(problems.Found);
        var whole = WholeRig.Of(rig, context.Sizes, context.Cancellation);
        var wired = new BeamRig(whole.Saved, whole.Wired, new Dictionary<string, Brightness>());
        var aims = new List<LampAim>();
        for (var i = 0; i < Lamps.Count; i++)
        {
            var lamp = Lamps[i];
            if (rig.Fixtures.All(fixture => fixture.Id != lamp) && rig.Lines.All(line => line.Id != lamp)) return EditOutcome.No($"lamps[{i}]", PartWords.FormatThereIsNoFixtureCalled(lamp));
            if (Aim(wired, lamp) is not { } aim) return new EditOutcome.NotPossible(EditWords.LampNotAimed, EditWords.FormatLampNotAimedWhy(rig.Lines.FirstOrDefault(line => line.Id == lamp)?.Name ?? PartNames.Of(rig)[lamp]));
            aims.Add(aim);
        }
        return EditOutcome.Of(rig with { Beams = rig.Beams.Aimed(aims) });
    }

    private LampAim? Aim(BeamRig of, string lamp)
    {
        var rig = of.Wired;
        var now = rig.Beams.AimOf(lamp, [.. rig.Lines.Where(line => line.Lamps().Contains(lamp)).Select(line => line.Id)]);
        return How switch
        {
            AimHow.Degrees => now with { YawDegrees = YawDegrees ?? now.YawDegrees, PitchDegrees = PitchDegrees ?? now.PitchDegrees, RollDegrees = RollDegrees ?? now.RollDegrees },
            AimHow.Level => now with { YawDegrees = 0, PitchDegrees = 0, RollDegrees = 0 },
            AimHow.Outward => Aiming.Outwards(of, lamp, YawDegrees!.Value),
            AimHow.Point => Aiming.At(of, lamp, new Ground(rig.Beams.GroundPercent, rig.Beams.GroundFromMetres).At(Metres!.Value, RightMetres!.Value)),
            _ => Aiming.ToDistance(of, lamp, Metres!.Value),
        };
    }
}

/// <summary>Keeps the aims as they are under a name; one of that name is replaced.</summary>
public sealed record KeepSetup(string Name) : EditCommand
{
    private const int MostLetters = 80;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var (rig, beams) = (context.Rig, context.Rig.Beams);
        if (Name.Trim().Length is 0 or > MostLetters) return EditOutcome.No("name", FileWords.FormatGive1ToCharacters(MostLetters));
        var kept = new BeamSetup(beams.Setups.FirstOrDefault(setup => setup.Name == Name.Trim())?.Id ?? FreeName.Among(beams.Setups.Select(setup => setup.Id).ToHashSet(StringComparer.Ordinal), "setup"), Name.Trim()) { Aims = beams.Aims, NoseUpDegrees = beams.NoseUpDegrees };
        return EditOutcome.Of(rig with { Beams = beams with { Setups = [.. beams.Setups.Where(setup => setup.Id != kept.Id), kept] } });
    }
}

/// <summary>Aims lamps as a set-up has them.</summary>
public sealed record TakeSetup(string Setup) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var (rig, beams) = (context.Rig, context.Rig.Beams);
        return beams.Setups.FirstOrDefault(setup => setup.Id == Setup) is { } kept
            ? EditOutcome.Of(rig with { Beams = beams with { Aims = kept.Aims, NoseUpDegrees = kept.NoseUpDegrees } })
            : EditOutcome.No("setup", EditWords.NoSuchSetup);
    }
}

/// <summary>Forgets a set-up.</summary>
public sealed record DropSetup(string Setup) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var (rig, beams) = (context.Rig, context.Rig.Beams);
        return beams.Setups.Any(setup => setup.Id == Setup)
            ? EditOutcome.Of(rig with { Beams = beams with { Setups = [.. beams.Setups.Where(setup => setup.Id != Setup)] } })
            : EditOutcome.No("setup", EditWords.NoSuchSetup);
    }
}

/// <summary>Takes a photometric file in, for some lights.</summary>
/// <param name="Name">What it is called: its file name.</param>
/// <param name="Text">LM-63.</param>
/// <param name="Lights">"fixture.light" that shine so.</param>
public sealed record TakeBeamFile(string Name, [property: LongText] string Text, IReadOnlyList<string> Lights) : EditCommand
{
    private const int MostLetters = 80;

    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var (rig, beams) = (context.Rig, context.Rig.Beams);
        if (Name.Trim().Length is 0 or > MostLetters) return EditOutcome.No("name", FileWords.FormatGive1ToCharacters(MostLetters));
        if (Text.Length > BeamFile.MostLetters) return EditOutcome.No("text", EditWords.FormatFileTooLong(BeamFile.MostLetters / 1000));
        // Line ends of any system are those of the document.
        var text = Text.ReplaceLineEndings("\n").TrimEnd('\n', '\0', '\u001a') + "\n";
        if (Lm63Reader.Read(text) is Lm63Reading.Refused refused) return EditOutcome.No("text", refused.Words);
        var file = beams.Files.FirstOrDefault(one => one.Text == text) ?? new BeamFile(FreeName.Among(beams.Files.Select(one => one.Id).ToHashSet(StringComparer.Ordinal), "file"), Name.Trim(), text);
        var lights = Lights.ToHashSet(StringComparer.Ordinal);
        return EditOutcome.Of(rig with
        {
            Beams = beams with { Files = [.. beams.Files.Where(one => one.Id != file.Id), file] },
            Fixtures = [.. rig.Fixtures.Select(lamp => lamp with
            {
                Functions = [.. lamp.Functions.Select(light => lights.Contains($"{lamp.Id}.{light.Id}") ? light with { Output = (light.Output ?? LightOutput.Unknown) with { File = file.Id } } : light)],
            })],
        });
    }
}

/// <summary>Forgets a photometric file; lights that shone so are guessed again.</summary>
public sealed record DropBeamFile(string File) : EditCommand
{
    /// <inheritdoc/>
    public override EditOutcome Run(EditContext context)
    {
        var (rig, beams) = (context.Rig, context.Rig.Beams);
        if (beams.Files.All(file => file.Id != File)) return EditOutcome.No("file", BeamWords.FormatThereIsNoFile(File));
        return EditOutcome.Of(rig with
        {
            Beams = beams with { Files = [.. beams.Files.Where(file => file.Id != File)] },
            Fixtures = [.. rig.Fixtures.Select(lamp => lamp with { Functions = [.. lamp.Functions.Select(light => light.Output?.File == File ? light with { Output = light.Output with { File = null } } : light)] })],
        });
    }
}
