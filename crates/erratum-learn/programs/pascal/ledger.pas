program ledger;

{$mode objfpc}

uses
  SysUtils;

const
  Lines: array[1..4] of string = ('fee=45', 'fuel=216', 'fee=30', 'rope');

var
  i, sum, skipped: integer;

function Amount(line: string): integer;
var
  place: integer;
begin
  place := Pos('=', line);
  if place = 0 then
    Amount := -1
  else
    Amount := StrToInt(Copy(line, place + 1, Length(line)));
end;

function Kind(line: string): string;
var
  place: integer;
begin
  place := Pos('=', line);
  if place > 0 then
    Kind := Copy(line, 1, place - 1)
  else
    Kind := UpperCase(line);
end;

begin
  sum := 0;
  skipped := 0;
  for i := 1 to 4 do
  begin
    writeln(Kind(Lines[i]));
    if Amount(Lines[i]) < 0 then
      skipped := skipped + 1
    else
      sum := sum + Amount(Lines[i]);
  end;
  writeln('sum: ', sum, ', skipped: ', skipped);
end.
