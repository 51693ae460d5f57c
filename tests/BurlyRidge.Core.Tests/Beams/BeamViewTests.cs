using BurlyRidge.Core.Beams;
using BurlyRidge.Core.Bodies;
using BurlyRidge.Core.Edits;
using BurlyRidge.Core.Fitting;
using BurlyRidge.Core.Parts;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Wording;

namespace BurlyRidge.Core.Tests.Beams;

/// <summary>Where the light of a rig goes: glare and what ends it, marks on the wall, aims that are set and found again.</summary>
public class BeamViewTests
{
    private static readonly BeamLook All = new(null, Own: [], Coarse: false, VehicleLevel: false);

    private static Fixture Bar(string id, double width = 1100) => new(id, "Bar", [new LampFunction("main", LampKind.RegulatedLed, 200) { Output = new LightOutput { Lumens = 14_000, SpreadDegrees = 40, ThrowDegrees = 30 } }])
    {
        Body = new LampDimensions(width, 80, 80, 5) { TiltDegrees = 12 },
    };

    private static Rig On(string mount, params IReadOnlyList<Fixture> lamps) => Rig.Empty(12, UnitSystem.Metric) with
    {
        Body = GenericBody.Of(BodyKind.LongWagon),
        Fixtures = lamps,
        Places = [.. lamps.Select(lamp => new Place(lamp.Id, mount))],
    };

    private static Dictionary<string, Brightness> Lit(Rig rig, double share = 1) => rig.Fixtures.SelectMany(lamp => lamp.Functions.Select(light => $"{lamp.Id}.{light.Id}")).ToDictionary(id => id, _ => new Brightness(share, 15), StringComparer.Ordinal);

    private static BeamView Of(Rig rig, BeamLook? look = null, double share = 1, BeamPlan? against = null) => BeamView.Of(new BeamRig(rig, rig, Lit(rig, share)), rig.Beams, against, look ?? All);

    private static Rig Run(Rig rig, EditCommand command) => Assert.IsType<EditOutcome.Done>(command.Run(new EditContext(rig))).Rig;

    /// <summary>The same with the mount moved, on the vehicle.</summary>
    private static Rig Moved(Rig rig, string mount, double back, double up) => rig with
    {
        Body = rig.Body! with { Mounts = [.. rig.Body!.Mounts.Select(one => one.Id == mount ? one with { At = one.At with { Back = one.At.Back + back, Up = one.At.Up + up } } : one)] },
    };

    [Fact]
    public void A_roof_bar_lights_the_bonnet_and_each_of_its_ends_ends_it()
    {
        var rig = On("roof-bar", Bar("bar"));
        rig = rig with { Beams = rig.Beams with { Bonnet = Finish.White } };
        var view = Of(rig);
        Assert.True(view.Glare!.Disturbs);
        var end = Assert.Single(view.Ends);
        var back = end.BackMetres!.Value;
        Assert.False(Of(Moved(rig, "roof-bar", back, 0)).Glare!.Disturbs);
        Assert.True(Of(Moved(rig, "roof-bar", back - 0.02, 0)).Glare!.Disturbs);
        Assert.NotNull(end.StripMetres);
        Assert.Contains(view.Notes, note => note.Verdict == Verdict.Watch && note.Words.Contains("bonnet", StringComparison.Ordinal));
    }

    [Fact]
    public void Matt_black_throws_back_a_twentieth_of_white()
    {
        var rig = On("roof-bar", Bar("bar"));
        double Veil(Finish finish) => Of(rig with { Beams = rig.Beams with { Bonnet = finish } }).Glare!.Veil;
        Assert.Equal(20, Veil(Finish.White) / Veil(Finish.MattBlack), 1e-6);
        Assert.True(Veil(Finish.BareMetal) > Veil(Finish.DarkPaint));
    }

    [Fact]
    public void A_bar_in_the_bumper_lights_no_bonnet()
    {
        var glare = Of(On("bumper-slot", Bar("bar", 800))).Glare!;
        Assert.Equal((0, false), (glare.LitShare, glare.Disturbs));
        Assert.True(glare.RoadLuminance > 0);
    }

    /// <summary>A mark at a distance D of a lamp at height h that is aimed down by a lies at h − D·tan a; one per cent is 10 mm in each metre.</summary>
    [Theory]
    [InlineData(-0.572938, 10, 0.10)]
    [InlineData(-2, 25, 0.873)]
    public void Marks_fall_with_the_tangent(double pitch, double metres, double falls)
    {
        var rig = Run(On("nudge-bar", Bar("bar", 500)), new AimLamps(["bar"], AimHow.Degrees) { PitchDegrees = pitch });
        rig = rig with { Beams = rig.Beams with { WallMetres = metres } };
        var lamp = Of(rig).Aims.Single();
        var mark = Of(rig).Marks.Single(mark => mark.Lamp == "bar");
        // The lamp stands a little before the front, so a little nearer to the wall.
        Assert.Equal(falls * (metres + lamp.BackMetres) / metres, lamp.UpMetres - mark.UpMetres, 0.002);
        Assert.Equal(lamp.RightMetres, mark.RightMetres, 1e-9);
        // A millimetre under a foot of 80 mm turns it by an eightieth, and the mark by an eightieth of the way.
        Assert.Equal((metres + lamp.BackMetres) * 1000 / 80 / Math.Cos(pitch * Math.PI / 180), mark.EachMillimetre!.Value, 0.5);
        Assert.Equal(mark.EachMillimetre!.Value * 1.25, mark.EachTurn!.Value, 1e-9);
    }

    [Fact]
    public void The_nose_up_lifts_marks_on_the_ground_and_none_of_a_level_vehicle()
    {
        var level = On("nudge-bar", Bar("bar", 500));
        var rig = level with { Beams = level.Beams with { NoseUpDegrees = 1, WallMetres = 20 } };
        var lifted = Of(rig).Marks.Single(mark => mark.Lamp == "bar").UpMetres - Of(level with { Beams = level.Beams with { WallMetres = 20 } }).Marks.Single(mark => mark.Lamp == "bar").UpMetres;
        // About the middle between the axles, some 22 m from the wall.
        Assert.InRange(lifted, 21 * Math.Tan(Math.PI / 180), 24 * Math.Tan(Math.PI / 180));
        Assert.Equal(Of(level with { Beams = level.Beams with { WallMetres = 20 } }).Marks.Single(mark => mark.Lamp == "bar").UpMetres, Of(rig, All with { VehicleLevel = true }).Marks.Single(mark => mark.Lamp == "bar").UpMetres, 1e-9);
    }

    [Fact]
    public void A_mark_as_found_says_how_the_lamp_stands()
    {
        var rig = Run(On("nudge-bar", Bar("bar", 500)), new AimLamps(["bar"], AimHow.Degrees) { PitchDegrees = -1.5, YawDegrees = 4 });
        rig = rig with { Beams = rig.Beams with { NoseUpDegrees = 0.7 } };
        var mark = Of(rig).Marks.Single(mark => mark.Lamp == "bar");
        var found = Assert.Single(BeamView.FoundOf(new BeamRig(rig, rig, new Dictionary<string, Brightness>()), rig.Beams, [new FoundMark("bar", mark.UpMetres, mark.RightMetres)], All));
        Assert.Equal((-1.5, 4.0), (Math.Round(found.PitchDegrees, 6), Math.Round(found.YawDegrees, 6)));
        Assert.Equal(0, found.LiftMillimetres, 1e-6);
        var high = Assert.Single(BeamView.FoundOf(new BeamRig(rig, rig, new Dictionary<string, Brightness>()), rig.Beams, [new FoundMark("bar", mark.UpMetres + 0.1, mark.RightMetres)], All));
        // 100 mm too high at the wall is brought down by a lift of the rear of the foot.
        Assert.Equal(100 / mark.EachMillimetre!.Value, high.LiftMillimetres, 0.02);
        Assert.Equal(high.LiftMillimetres / 1.25, high.Turns, 1e-9);
    }

    public static TheoryData<string, double> Distances => new() { { "nudge-bar", 30 }, { "roof-bar", 60 }, { "roof-rear-bar", 8 } };

    [Theory]
    [MemberData(nameof(Distances))]
    public void Aimed_at_a_distance_the_axis_meets_the_ground_there(string mount, double metres)
    {
        var rig = On(mount, Bar("bar", 500));
        rig = Run(rig with { Beams = rig.Beams with { NoseUpDegrees = 1.2 } }, new AimLamps(["bar"], AimHow.Distance) { Metres = metres });
        var lamp = Of(rig).Aims.Single();
        var pitch = rig.Beams.AimOf("bar").PitchDegrees + (lamp.Facing == Facing.Ahead ? 1.2 : -1.2);
        var along = lamp.UpMetres / Math.Tan(-pitch * Math.PI / 180);
        var length = rig.Body!.Size.LengthMetres;
        Assert.Equal(metres, lamp.Facing == Facing.Ahead ? along - lamp.BackMetres : along - (length - lamp.BackMetres), metres * 0.03);
    }

    [Fact]
    public void Outwards_is_away_from_the_middle_on_both_sides_ahead_and_astern()
    {
        foreach (var (left, right) in new[] { ("hinge-mount-left", "hinge-mount-right"), ("rear-left", "rear-right") })
        {
            var rig = On(left, Bar("one", 100)) with { Fixtures = [Bar("one", 100), Bar("two", 100)], Places = [new Place("one", left), new Place("two", right)] };
            rig = Run(rig, new AimLamps(["one", "two"], AimHow.Outward) { YawDegrees = 15 });
            var marks = Of(rig).Marks.Where(mark => mark.Lamp.Length > 0).ToDictionary(mark => mark.Lamp, mark => Math.Abs(mark.RightMetres));
            var straight = Of(Run(rig, new AimLamps(["one", "two"], AimHow.Level))).Marks.Where(mark => mark.Lamp.Length > 0).ToDictionary(mark => mark.Lamp, mark => Math.Abs(mark.RightMetres));
            Assert.All(marks, mark => Assert.True(mark.Value > straight[mark.Key] + 1));
            Assert.Equal(marks["one"], marks["two"], 1e-6);
            Assert.DoesNotContain(Of(rig).Notes, note => note.Lamps.Count == 2 && note.Verdict == Verdict.Watch);
            var unlike = Run(rig, new AimLamps(["one"], AimHow.Degrees) { PitchDegrees = 2 });
            Assert.Contains(Of(unlike).Notes, note => note.Lamps.Count == 2 && note.Verdict == Verdict.Watch);
        }
    }

    [Fact]
    public void A_point_on_the_ground_is_hit()
    {
        var rig = Run(On("roof-bar", Bar("bar")), new AimLamps(["bar"], AimHow.Point) { Metres = 20, RightMetres = 6 });
        var plan = Of(rig);
        Assert.InRange(plan.Aims[0].Aim.YawDegrees, 15, 17);
        var grid = BeamView.GridOf(new BeamRig(rig, rig, Lit(rig)), rig.Beams, All)!.Value.Near;
        double At(double ahead, double right) => grid.At((int)((ahead - grid.Ahead) / grid.Step), (int)((right - grid.Right) / grid.Step));
        Assert.True(At(20, 6) > 2 * At(20, -6));
    }

    [Fact]
    public void Tilted_beyond_what_holds_it_is_a_stop()
    {
        var rig = On("roof-bar", Bar("bar"));
        Assert.DoesNotContain(Of(rig).Notes, note => note.Verdict == Verdict.Stop);
        Assert.Equal(12, Of(rig).Aims[0].Room);
        Assert.Contains(Of(Run(rig, new AimLamps(["bar"], AimHow.Degrees) { PitchDegrees = -13 })).Notes, note => note.Verdict == Verdict.Stop);
    }

    /// <summary>1 lx across the axis reaches to the root of the candela; half the light to the root of half.</summary>
    [Fact]
    public void Reach_goes_with_the_root_of_the_candela()
    {
        var rig = On("roof-bar", Bar("bar"));
        var (whole, half) = (Of(rig).Lamps[0], Of(rig, share: 0.5).Lamps[0]);
        Assert.Equal(Math.Sqrt(whole.Candela), whole.Reach[0].UprightMetres, 0.01 * whole.Reach[0].UprightMetres);
        Assert.Equal(Math.Sqrt(0.5), half.Reach[0].UprightMetres / whole.Reach[0].UprightMetres, 0.01);
        Assert.Equal(0.5, half.GroundLumens / whole.GroundLumens, 1e-6);
        Assert.False(whole.Guess);
    }

    [Fact]
    public void Slats_take_their_share_and_a_guess_is_said()
    {
        var rig = On("grille-slot", Bar("bar", 500) with { Functions = [new LampFunction("main", LampKind.RegulatedLed, 60)] });
        var open = Of(rig);
        var slats = Of(rig with { Body = rig.Body! with { Mounts = [.. rig.Body!.Mounts.Select(mount => mount with { SlatsFraction = 0.35 })] } });
        Assert.Equal(0.65, slats.Lamps[0].Candela / open.Lamps[0].Candela, 1e-9);
        Assert.True(open.Lamps[0].Guess);
        Assert.Contains(open.Notes, note => note.Lamps.Contains("bar") && note.Words.Contains("guess", StringComparison.Ordinal));
    }

    [Fact]
    public void The_vehicles_own_lamps_are_there_by_themselves()
    {
        var rig = On("roof-bar", Bar("bar"));
        var view = BeamView.Of(new BeamRig(rig, rig, new Dictionary<string, Brightness>()), rig.Beams, null, All with { Own = [OwnLamp.Low, OwnLamp.Reverse] });
        Assert.Equal(4, view.Lamps.Count(lamp => lamp is { Lamp: "", Guess: true }));
        Assert.True(view.Sides.Single(side => side.To == Facing.Ahead).Reach[0].UprightMetres > 20);
        Assert.True(view.Sides.Single(side => side.To == Facing.Astern).Reach[0].GroundMetres > 1);
        Assert.True(view.Rear!.LitShare > 0.2);
    }

    [Fact]
    public void Two_set_ups_are_kept_taken_and_held_against_each_other()
    {
        var rig = Run(On("roof-bar", Bar("bar")), new KeepSetup("Level"));
        rig = Run(Run(rig, new AimLamps(["bar"], AimHow.Degrees) { PitchDegrees = -6 }), new KeepSetup("Low"));
        Assert.Equal(["Level", "Low"], rig.Beams.Setups.Select(setup => setup.Name));
        var level = rig.Beams.Setups[0];
        var difference = Of(rig, against: rig.Beams with { Aims = level.Aims }).Difference!;
        Assert.Contains(difference.Bytes, value => value > 140);
        Assert.Contains(difference.Bytes, value => value is > 0 and < 126);
        Assert.All(Of(rig, against: rig.Beams).Difference!.Bytes, value => Assert.True(value is 0 or 128));
        var taken = Run(rig, new TakeSetup(level.Id));
        Assert.Empty(taken.Beams.Aims);
        Assert.Single(Run(taken, new DropSetup(level.Id)).Beams.Setups);
    }

    [Fact]
    public void A_file_is_taken_in_and_a_bad_one_refused_with_its_line()
    {
        var rig = On("roof-bar", Bar("bar"));
        var text = Lm63Writer.Write(Lm63Writer.Of(new CosineLight(5000, 10, 10), "spot", "made up", 60, 0.1, 0.1));
        var taken = Run(rig, new TakeBeamFile("spot.ies", text.Replace("\n", "\r\n", StringComparison.Ordinal), ["bar.main"]));
        Assert.Equal(text, Assert.Single(taken.Beams.Files).Text);
        Assert.False(Of(taken).Lamps[0].Guess);
        Assert.Equal(new CosineLight(5000, 10, 10).Axial, Of(taken).Lamps[0].Candela, 0.01);
        Assert.Empty(RigValidation.Validate(taken));
        var refused = Assert.IsType<EditOutcome.Refused>(new TakeBeamFile("bad.ies", "IESNA91\nTILT=NONE\n1 2 x", ["bar.main"]).Run(new EditContext(rig)));
        Assert.Contains("Line 3", Assert.Single(refused.Problems).Message, StringComparison.Ordinal);
        Assert.Null(Run(taken, new DropBeamFile(taken.Beams.Files[0].Id)).Fixtures[0].Functions[0].Output!.File);
    }

    [Fact]
    public void What_is_taken_off_takes_its_aims_along_and_left_is_mirrored_to_right()
    {
        var rig = Run(Run(On("nudge-bar", Bar("bar", 500)), new AimLamps(["bar"], AimHow.Degrees) { YawDegrees = 7 }), new KeepSetup("One"));
        Assert.Equal(-7, Run(rig, new MirrorBody()).Beams.AimOf("bar").YawDegrees);
        var without = Run(rig, new RemovePart("bar"));
        Assert.Empty(without.Beams.Aims);
        Assert.Empty(without.Beams.Setups[0].Aims);
        Assert.Empty(RigValidation.Validate(without));
    }

    /// <summary>Two spots turned outwards leave a gap between them; one lamp leaves none.</summary>
    [Fact]
    public void The_darkest_gap_lies_between_two_lamps()
    {
        var rig = On("rear-left", Bar("one", 100)) with { Fixtures = [Spot("one"), Spot("two")], Places = [new Place("one", "rear-left"), new Place("two", "rear-right")] };
        rig = Run(rig, new AimLamps(["one", "two"], AimHow.Outward) { YawDegrees = 25 });
        rig = Run(rig, new AimLamps(["one", "two"], AimHow.Degrees) { PitchDegrees = -4 });
        Crossing At(Rig of, double metres) => Of(of).Sides.Single(side => side.To == Facing.Astern).Crossings.Single(one => one.Metres == metres);
        var crossing = At(rig, 10);
        Assert.InRange(crossing.GapRight!.Value, -0.5, 0.5);
        Assert.Null(At(On("rear-left", Spot("one")), 10).GapLux);

        static Fixture Spot(string id) => Bar(id, 100) with { Functions = [new LampFunction("main", LampKind.RegulatedLed, 30) { Output = new LightOutput { Lumens = 2_000, SpreadDegrees = 12, ThrowDegrees = 12 } }] };
    }

    /// <summary>A line that is planned in short is aimed as a whole, and its lamps may be aimed by themselves once they are there.</summary>
    [Fact]
    public void A_line_is_aimed_as_a_whole()
    {
        var beams = new BeamPlan { Aims = [new LampAim("line") { PitchDegrees = -3 }, new LampAim("two") { PitchDegrees = 1 }] };
        Assert.Equal((-3, 1), (beams.AimOf("one", "line").PitchDegrees, beams.AimOf("two", "line").PitchDegrees));
        Assert.Equal(0, beams.AimOf("one").PitchDegrees);
    }

    /// <summary>The load is in the way of a lamp behind it.</summary>
    [Fact]
    public void Load_throws_its_shadow()
    {
        var rig = On("roof-bar", Bar("bar"));
        var at = Of(rig).Aims[0];
        var loaded = rig with { Beams = rig.Beams with { Cargo = [new CargoBox("Canoe", new Point(at.BackMetres - 1, -1.5, at.UpMetres - 0.5), new Point(at.BackMetres - 0.2, 1.5, at.UpMetres + 0.5))] } };
        Assert.True(Of(loaded).Lamps[0].GroundLumens < 0.6 * Of(rig).Lamps[0].GroundLumens);
    }
}
