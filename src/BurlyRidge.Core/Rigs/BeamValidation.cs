namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses aims and what light is judged by that do not hang together, field by field.</summary>
internal static class BeamValidation
{
    private const int MostFiles = 12;

    private const int MostSetups = 20;
    private const int MostBoxes = 10;
    private const int MostName = 80;
    private const double MostMetres = 60;

    public static void Check(Problems problems, Rig rig)
    {
        var plan = rig.Beams;
        var lamps = LampsOf(rig);
        CheckAims(problems, rig);
        problems.AtMost("beams.cargo", plan.Cargo.Count, MostBoxes, BeamWords.BoxesOfCargo);
        problems.Each("beams.cargo", plan.Cargo, (path, box) =>
        {
            problems.Text($"{path}.name", box.Name, MostName);
            At(problems, $"{path}.from", box.From);
            At(problems, $"{path}.to", box.To);
        });
        problems.Within("beams.groundPercent", plan.GroundPercent, -30, 30, "%");
        problems.Within("beams.groundFromMetres", plan.GroundFromMetres, 0, 1000, "m");
        if (plan.Eye is { } eye) At(problems, "beams.eye", eye);
        if (plan.Camera is { } camera) At(problems, "beams.camera", camera);
        problems.Within("beams.wallMetres", plan.WallMetres, 1, 100, "m");
        problems.AtMost("beams.files", plan.Files.Count, MostFiles, BeamWords.PhotometricFiles);
        problems.Each("beams.files", plan.Files, (path, file) =>
        {
            problems.Id($"{path}.id", file.Id);
            problems.Text($"{path}.name", file.Name, MostName);
            problems.Text($"{path}.text", file.Text, BeamFile.MostLetters);
        });
        problems.Twice("beams.files", plan.Files.Where(file => file is not null).Select(file => file.Id));
        problems.AtMost("beams.setups", plan.Setups.Count, MostSetups, BeamWords.SetUps);
        problems.Each("beams.setups", plan.Setups, (path, setup) =>
        {
            problems.Id($"{path}.id", setup.Id);
            problems.Text($"{path}.name", setup.Name, MostName);
            problems.Within($"{path}.noseUpDegrees", setup.NoseUpDegrees, -15, 15, "°");
            Aims(problems, $"{path}.aims", setup.Aims, lamps);
        });
        problems.Twice("beams.setups", plan.Setups.Where(setup => setup is not null).Select(setup => setup.Id));
        var files = plan.Files.Where(file => file is not null).Select(file => file.Id).ToHashSet(StringComparer.Ordinal);
        problems.Each("fixtures", rig.Fixtures, (path, lamp) => problems.Each($"{path}.functions", lamp.Functions, (at, light) =>
        {
            if (light.Output?.File is { } file && !files.Contains(file)) problems.Add($"{at}.output.file", BeamWords.FormatThereIsNoFile(file));
        }));
    }

    /// <summary>Aims, and how the vehicle stands.</summary>
    public static void CheckAims(Problems problems, Rig rig)
    {
        Aims(problems, "beams.aims", rig.Beams.Aims, LampsOf(rig));
        problems.Within("beams.noseUpDegrees", rig.Beams.NoseUpDegrees, -15, 15, "°");
    }

    /// <summary>Lamps, and lines whose lamps are aimed together.</summary>
    private static HashSet<string> LampsOf(Rig rig) =>
        rig.Fixtures.Where(lamp => lamp is not null).Select(lamp => lamp.Id).Concat(rig.Lines.Where(line => line is not null).Select(line => line.Id)).ToHashSet(StringComparer.Ordinal);

    private static void Aims(Problems problems, string at, IReadOnlyList<LampAim> aims, HashSet<string> lamps)
    {
        problems.AtMost(at, aims.Count, RigSize.MaxLamps, PartWords.KindOfLamps);
        problems.Each(at, aims, (path, aim) =>
        {
            if (!lamps.Contains(aim.Lamp)) problems.Add($"{path}.lamp", PartWords.FormatThereIsNoFixtureCalled(aim.Lamp));
            problems.Within($"{path}.yawDegrees", aim.YawDegrees, -180, 180, "°");
            problems.Within($"{path}.pitchDegrees", aim.PitchDegrees, -90, 90, "°");
            problems.Within($"{path}.rollDegrees", aim.RollDegrees, -180, 180, "°");
            if (aim.FootMillimetres is { } foot) problems.Within($"{path}.footMillimetres", foot, 5, 1000, "mm");
            if (aim.TurnMillimetres is { } turn) problems.Within($"{path}.turnMillimetres", turn, 0.1, 10, "mm");
        });
        problems.Twice(at, aims.Where(aim => aim is not null).Select(aim => aim.Lamp));
    }

    private static void At(Problems problems, string path, Point at)
    {
        problems.Within($"{path}.back", at.Back, -MostMetres, MostMetres, "m");
        problems.Within($"{path}.right", at.Right, -MostMetres, MostMetres, "m");
        problems.Within($"{path}.up", at.Up, 0, MostMetres, "m");
    }
}
