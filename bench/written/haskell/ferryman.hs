module Main where

import Data.IORef
import Control.Monad (forM_, when⟪⟶)⟫

data Ferry = Ferry
  { ferryName :: String
  , seats :: Int
  } deriving (Show)

board :: IORef Int -> Int -> IO ()
board counter n = do
  now <- readIORef counter
  ⟪let writeIORef counter (now + n)⟶writeIORef counter (now + n)⟫

full :: Ferry -> Int -> Bool
full ferry n = n ⟪=>⟶>=⟫ seats ferry

main :: IO ()
main = do
  counter <- newIORef 0
  let ferry = Ferry { ferryName = "Skua", seats = ⟪"40"⟶40⟫ }
  forM_ [10, 15, 20] $ \n -> do
    board counter n
    now ⟪=⟶<-⟫ readIORef counter
    when (full ferry now) $
      putStrLn ("full: " ++ ⟪now⟶show now⟫)
  total <- readIORef counter
  print ⟪(total counter)⟶total⟫
