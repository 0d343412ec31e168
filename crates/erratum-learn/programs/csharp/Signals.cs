using System;
using System.Collections.Generic;

class Signals
{
    static readonly Dictionary<char, string> Flags = new Dictionary<char, string>
    {
        { 'a', "diver below" },
        { 'b', "dangerous goods" },
        { 'h', "pilot on board" },
        { 'o', "man overboard" }
    };

    static List<string> Spell(string word)
    {
        List<string> meanings = new List<string>();
        foreach (char letter in word.ToLower())
        {
            string meaning;
            if (!Flags.TryGetValue(letter, out meaning))
            {
                meaning = "unknown";
            }
            meanings.Add(meaning);
        }
        return meanings;
    }

    static bool Urgent(string meaning)
    {
        return meaning.Contains("over") || meaning.StartsWith("danger");
    }

    static void Main()
    {
        string[] words = { "oh", "ab", "ox" };
        foreach (string word in words)
        {
            foreach (string meaning in Spell(word))
            {
                string mark = Urgent(meaning) ? "!" : " ";
                Console.WriteLine(mark + meaning);
            }
        }
    }
}
