program WordCount;
{$mode objfpc}
uses SysUtils;

const
  Line = 'rope oar rope sail';

var
  Words: array of string;
  Counts: array[0..9] of integer;

procedure Split(const S: string);
var
  i⟪⟶, start⟫: integer;
begin
  SetLength(Words, 0);
  start := 1;
  for i := 1 to Length(S) + 1 do
    if (i > Length(S)) or (S[i] = ' ') then
    begin
      SetLength(Words, Length(Words) + 1);
      Words[High(Words)] := Copy(S, start, i ⟪⟶- ⟫start);
      start := i + 1;
    end;
end;

function CountOf(const W: string): integer;
var
  i: integer;
begin
  Result := 0;
  for i := 0 to High(Words) do
    if Words[i] ⟪==⟶=⟫ W then
      Inc(Result);
end;

var
  k: integer;
begin
  Split(Line);
  for k := 0 to High(Words) do
    Counts[k] := CountOf(Words[k]⟪⟶)⟫;
  ⟪for k = 0 to High(Words) do⟶for k := 0 to High(Words) do⟫
    writeln(Words[k], ' ', Counts[k]);
  writeln('words: ' ⟪+ Length(Words)⟶, Length(Words)⟶+ IntToStr(Length(Words))⟫);
  if Pos('rope', Line) ⟪!=⟶<>⟫ 0 then
    writeln('rope found');
end.
