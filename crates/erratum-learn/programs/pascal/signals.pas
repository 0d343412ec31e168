program signals;

{$mode objfpc}

uses
  SysUtils;

var
  words: array[1..3] of string = ('oh', 'ab', 'ox');
  i, j: integer;
  meaning: string;

function FlagFor(letter: char): string;
begin
  case letter of
    'a': FlagFor := 'diver below';
    'b': FlagFor := 'dangerous goods';
    'h': FlagFor := 'pilot on board';
    'o': FlagFor := 'man overboard';
  else
    FlagFor := 'unknown';
  end;
end;

function Urgent(meaning: string): boolean;
begin
  Urgent := (Pos('over', meaning) > 0) or (Copy(meaning, 1, 6) = 'danger');
end;

begin
  for i := 1 to 3 do
    for j := 1 to Length(words[i]) do
    begin
      meaning := FlagFor(words[i][j]);
      if Urgent(meaning) then
        writeln('! ', UpperCase(meaning))
      else
        writeln('  ', meaning);
    end;
end.
