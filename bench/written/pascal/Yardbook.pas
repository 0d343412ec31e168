program Yardbook;

{$mode objfpc}{$H+}

uses
  SysUtils, Classes;

type
  TBoat = class
  private
    FName: string;
    FLength: Double;
    FPaid: Boolean;
  public
    constructor Create(const AName: string; ALength: Double);
    function Fee: Currency;
    property Name: string read FName⟪⟶;⟫
    property Paid: Boolean read FPaid write ⟪SetPaid⟶FPaid⟫;
  end;

  TYard = class
  private
    FBoats: TList;
  public
    constructor Create;
    destructor Destroy; override;
    procedure Add(Boat: TBoat);
    function Open: Integer;
  end;

constructor TBoat.Create(const AName: string; ALength: Double);
begin
  FName := AName;
  FLength := ALength;
  FPaid ⟪=⟶:=⟫ False;
end;

function TBoat.Fee: Currency;
begin
  if FLength > 12.0 then
    Result := 180⟪;⟶⟫
  else
    Result := 95;
end;

constructor TYard.Create;
begin
  FBoats := TList.Create;
end;

destructor TYard.Destroy;
begin
  FBoats.Free;
  inherited;
end;

procedure ⟪Add⟶TYard.Add⟫(Boat: TBoat);
begin
  FBoats.Add(Boat);
end;

function TYard.Open: Integer;
var
  I: Integer;
begin
  Result := 0;
  for I := 0 to FBoats.Count - 1 do
    if not TBoat(FBoats⟪(I)⟶[I]⟫).Paid and (TBoat(FBoats[I]).Fee > 100) then
      Inc(Result);
end;

var
  Yard: TYard;
  Boat: TBoat;
begin
  Yard := TYard.Create;
  Boat := TBoat.Create('Plover', ⟪'9,5'⟶9.5⟫);
  Yard.Add(Boat);
  WriteLn('open: ' + ⟪Yard.Open⟶IntToStr(Yard.Open)⟫);
  WriteLn(Boat.Name, ' ', Boat.Fee:8:2);
  Yard.Free;
end⟪⟶.⟫
