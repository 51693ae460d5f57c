using System.Globalization;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Interactions;
using OpenQA.Selenium.Support.Events;
using OpenQA.Selenium.Support.UI;

namespace BurlyRidge.Browser.Tests;

/// <summary>The page as a person sees it: fields by their label, buttons by their name.</summary>
public sealed class Page : IDisposable
{
    private readonly Uri address;

    private readonly EventFiringWebDriver driver;

    /// <summary>What is looked for is written in English, whatever the page says it in.</summary>
    private readonly Func<By, By> said;

    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(90);

    public Page(ChromeDriver chrome, Uri address, Func<By, By>? said = null)
    {
        (Chrome, this.address, this.said) = (chrome, address, said ?? (by => by));
        driver = new EventFiringWebDriver(chrome);
        driver.ElementClicking += (_, click) => Steady(click.Element);
        driver.ElementClicked += (_, click) => Reached(click.Element);
    }

    /// <summary>The browser, which presses what has come to rest.</summary>
    public EventFiringWebDriver Driver => driver;

    /// <summary>Closes the browser.</summary>
    public void Dispose() => driver.Dispose();

    /// <summary>What only this browser can do.</summary>
    public ChromeDriver Chrome { get; }

    public void Open(string path)
    {
        driver.Navigate().GoToUrl(new Uri(address, path));
        Find(By.TagName("h1"));
    }

    public void Reload()
    {
        driver.Navigate().Refresh();
        Find(By.TagName("h1"));
    }

    /// <summary>Waits until <paramref name="holds"/>; elements that React replaces meanwhile are looked up again.</summary>
    public void Until(Func<bool> holds, string what)
    {
        var wait = new WebDriverWait(new SystemClock(), driver, Patience, TimeSpan.FromMilliseconds(20)) { Message = what };
        wait.IgnoreExceptionTypes(typeof(NoSuchElementException), typeof(StaleElementReferenceException));
        try
        {
            wait.Until(_ => holds());
        }
        catch (WebDriverTimeoutException error)
        {
            throw new WebDriverTimeoutException($"{error.Message} Alerts: {Run("return [...document.querySelectorAll('[role=alert], [role=dialog]')].map((part) => part.innerText.replaceAll('\\n', ' / ')).join(' | ').slice(0, 600)")}\nThe page at {driver.Url} says: {Run("return [...document.querySelectorAll('[role=dialog], [role=alert], main')].map((part) => part.innerText).join('\\n').slice(0, 4000)")}\n{string.Join('\n', driver.Manage().Logs.GetLog(LogType.Browser))}", error);
        }
    }

    public IWebElement Find(By by)
    {
        IWebElement? found = null;
        Until(() => (found = driver.FindElement(said(by))).Displayed, by.ToString());
        return found!;
    }

    public bool Has(By by) => driver.FindElements(said(by)).Count > 0;

    public IWebElement Field(string label) => Find(By.XPath(
        $"//*[self::input or self::select or self::textarea][@id = //label[normalize-space() = '{label}' or starts-with(normalize-space(), '{label} ')]/@for]"));

    public void Type(string label, string text)
    {
        var field = Field(label);
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(text);
    }

    /// <summary>What a station of the strip tells: its name, what it is, and its figures, however wide it is drawn.</summary>
    public string Told(By station)
    {
        var found = Find(station);
        return (found.GetAttribute("aria-label") ?? found.Text.Replace("\r", "", StringComparison.Ordinal)).Replace("\n", ", ", StringComparison.Ordinal);
    }

    /// <summary>Opens what is folded away under its summary.</summary>
    public void Unfold(string summary)
    {
        var found = Find(By.XPath($"//summary[starts-with(normalize-space(), '{summary}')]"));
        if (found.FindElement(By.XPath("..")).GetAttribute("open") is null) found.Click();
    }

    /// <summary>Presses what is done for all lines.</summary>
    public void PressForAll(string name)
    {
        Unfold("All lines at once");
        Press(name);
    }

    public void Choose(string label, string option) => new SelectElement(Field(label)).SelectByText(option);

    /// <summary>Chooses by what stands in the document, whatever language it is said in.</summary>
    public void ChooseValue(string label, string value) => new SelectElement(Field(label)).SelectByValue(value);

    /// <summary>Presses a button; one that something else lies over is pressed as soon as that is gone.</summary>
    public void Press(string name)
    {
        var button = By.XPath($"//button[normalize-space() = '{name}' or @aria-label = '{name}']");
        Until(() =>
        {
            try
            {
                Find(button).Click();
                return true;
            }
            catch (ElementClickInterceptedException)
            {
                return false;
            }
        }, $"{name} is pressed");
    }

    /// <summary>Waits until it stands where it stood a frame ago: a press on what moves as a message comes in lands beside it.</summary>
    private void Steady(IWebElement element) => Chrome.ExecuteAsyncScript("""
        const [element, done] = arguments;
        let last;
        const look = () => {
          const { x, y, width, height } = element.getBoundingClientRect();
          const now = [x, y, width, height].join();
          if (now === last) {
            element.reached = false;
            element.addEventListener("click", () => { element.reached = true; }, { capture: true, once: true });
            done();
          } else requestAnimationFrame(look);
          last = now;
        };
        look();
        """, element);

    /// <summary>What moved away just as it was pressed is pressed again, as a person would.</summary>
    private void Reached(IWebElement element)
    {
        const string missed = "const [element] = arguments; return element.isConnected && !element.disabled && element.reached === false && ['BUTTON', 'A', 'SUMMARY'].includes(element.tagName)";
        try
        {
            for (var again = 0; again < MostPresses && (bool)Chrome.ExecuteScript(missed, element)!; again++)
            {
                Steady(element);
                element.Click();
            }
        }
        catch (WebDriverException)
        {
            // What it opened has taken its place.
        }
    }

    private const int MostPresses = 3;

    /// <summary>The same, as soon as it can be pressed.</summary>
    public void PressOnceReady(string name)
    {
        var button = By.XPath($"//button[normalize-space() = '{name}']");
        Until(() => driver.FindElement(button).Enabled, $"{name} can be pressed");
        driver.FindElement(button).Click();
    }

    /// <summary>Taps with a finger.</summary>
    public void Tap(By what)
    {
        var finger = new PointerInputDevice(PointerKind.Touch, "finger");
        var target = Find(what);
        Run("arguments[0].scrollIntoView({ block: 'center' })", target);
        Chrome.PerformActions(new ActionBuilder()
            .AddAction(finger.CreatePointerMove(target, 0, 0, TimeSpan.Zero))
            .AddAction(finger.CreatePointerDown(MouseButton.Touch))
            .AddAction(finger.CreatePointerUp(MouseButton.Touch))
            .ToActionSequenceList());
    }

    public void Key(string key) => driver.FindElement(By.TagName("body")).SendKeys(key);

    /// <summary>One of the five answers: Current, Wire, Fuse, Relay, At the lamp.</summary>
    public string Figure(string name) => driver.FindElement(By.CssSelector($"[data-figure='{name}']")).Text;

    public double FigureOf(string name) => double.Parse(Figure(name).Split(' ')[0], CultureInfo.InvariantCulture);

    public void UntilFigure(string name, string text) => Until(() => Figure(name) == text, $"{name} is {text}");

    public void UntilSaved() => Until(() => Has(By.CssSelector("[data-save='saved']")), "the edit is saved");

    /// <summary>What the browser wrote to its console about the policy of what a page may hold, since this was asked last.</summary>
    public IReadOnlyList<string> PolicyLines() =>
        [.. driver.Manage().Logs.GetLog(LogType.Browser).Select(line => line.Message).Where(line => line.Contains("Content Security Policy", StringComparison.OrdinalIgnoreCase))];

    /// <summary>What is asked and answered over the network takes so much longer from now on, ms.</summary>
    public void Slow(int milliseconds)
    {
        Chrome.ExecuteCdpCommand("Network.enable", []);
        Chrome.ExecuteCdpCommand("Network.emulateNetworkConditions", new Dictionary<string, object?> { ["offline"] = false, ["latency"] = milliseconds, ["downloadThroughput"] = -1, ["uploadThroughput"] = -1 });
    }

    public object? Run(string script, params object[] arguments) => driver.ExecuteScript(script, arguments);
}
