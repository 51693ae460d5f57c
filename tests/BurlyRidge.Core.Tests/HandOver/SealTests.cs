using BurlyRidge.Core.Exchange;
using BurlyRidge.Core.Rigs;
using BurlyRidge.Core.Tests.RunSheet;

namespace BurlyRidge.Core.Tests.HandOver;

public class SealTests
{
    private static readonly JobParticulars Particulars = new("Owner", "AB 12", new DateOnly(2027, 1, 2), WorkState.InTheShop);

    public static TheoryData<string> Shapes => [.. SheetRigs.Names];

    /// <summary>What is signed is the job file that one downloads.</summary>
    [Theory]
    [MemberData(nameof(Shapes))]
    public void The_canonical_file_is_the_job_file(string shape)
    {
        var rig = SheetRigs.Of(shape, IsolationSchool.BatteryOff).Rig;
        Assert.Equal(JobFile.Write("Näme", "a\nnote", rig, Particulars), JobSeal.CanonicalFile("Näme", "a\nnote", Particulars, RigDocument.Write(rig)));
    }

    /// <summary>An older document is not raised: another build comes to the same sum.</summary>
    [Fact]
    public void An_old_document_stays_as_it_lies()
    {
        var old = RigDocument.Write(Rig.Empty(12, Core.Wording.UnitSystem.Metric)).Replace($"\"schemaVersion\":{Rig.CurrentSchema}", "\"schemaVersion\":9", StringComparison.Ordinal);
        Assert.Contains("\"version\": 9", JobSeal.CanonicalFile("n", "", Particulars, old), StringComparison.Ordinal);
    }

    /// <summary>SHA-256 of "abc" (FIPS 180-4, example of appendix B.1 of its predecessor FIPS 180-2).</summary>
    [Fact]
    public void The_sum_is_SHA_256() => Assert.Equal("ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad", JobSeal.Sum("abc"));

    [Fact]
    public void A_sum_is_printed_in_groups() => Assert.Equal("ba7816bf 8f01", JobSeal.Printed("ba7816bf8f01"));
}
