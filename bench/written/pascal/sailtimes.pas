program SailTimes;
{$mode objfpc}{$H+}
uses SysUtils;

type
  TTimes = array of integer;

var
  Times: TTimes;
  Best, I: integer;
  Line: string;

function ToMinutes(S: string): integer;
var
  Hour, Minute: ⟪string⟶integer⟫;
begin
  Hour := StrToInt(Copy(S, 1, 2));
  Minute := StrToInt(⟪S.Substring(3, 2)⟶Copy(S, 4, 2)⟫);
  Result := Hour * 60 + Minute;
end;

procedure Add(var T: TTimes; M: integer);
begin
  SetLength(T, Length(T) + 1);
  T[⟪High⟶High(T)⟫] := M;
end;

function Earliest(T: TTimes): integer;
var
  K: integer;
begin
  Result := T[0];
  for K := 1 to High(T) do
    if T[K] < Result ⟪⟶then ⟫Result := T[K];
⟪}⟶end;⟫

begin
  Add(Times, ToMinutes('08:30'));
  Add(Times, ToMinutes(⟪'07:15⟶'07:15'⟫));
  Add(Times, ⟪'09:00'⟶ToMinutes('09:00')⟫);
  Best := Earliest(Times);
  for I := 0 ⟪to Length(Times) - 1⟶to Length(Times) - 1 do⟫
  begin
    Line := IntToStr(Times[I]);
    if Times[I] = Best then
      Line := Line + ' first';
    writeln(Line);
  end;
  writeln('minutes: ' ⟪+ Best⟶, Best⟶+ IntToStr(Best)⟫);
end.
