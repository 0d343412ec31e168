program CrewList;
{$mode objfpc}{$H+}
uses Classes, SysUtils;

type
  TSailor = class
  private
    FName: string;
    FHours: integer;
  public
    constructor Create(AName: string);
    procedure Work(Hours: integer);
    function Pay: real;
    property Name: string read FName;
    ⟪property Hours: integer read FHour;⟶property Hours: integer read FHours;⟫
  end;

constructor TSailor.Create(AName: string);
begin
  FName := AName;
  ⟪Hours⟶FHours⟫ := 0;
end;

procedure TSailor.Work(⟪⟶Hours: integer⟫);
begin
  if Hours < 0 then
    raise ⟪Exception('negative')⟶Exception.Create('negative')⟫;
  FHours := FHours + Hours;
end;

function TSailor.Pay: real;
begin
  if FHours > 40 then
    Result := FHours * 21.5⟪;⟶⟫
  else
    Result := FHours * 19;
end;

var
  Crew: TList;
  S: TSailor;
  I: integer;
begin
  Crew := TList.Create⟪⟶;⟫
  S := ⟪new TSailor⟶TSailor.Create⟫('Marit');
  S.Work(42);
  Crew.Add(S);
  for I := 0 to Crew.Count - 1 ⟪⟶do⟫
    writeln(TSailor(Crew[I]).Name, ' ', TSailor(Crew[I]).Pay:0:2);
  S.Free;
  Crew.Free;
end.
